import type { Features, FeatureSpec } from '../../features';
import { nearMultiple, type Given } from './operands';

export const features = [
  { id: 'digits', kind: 'number', min: 1, max: 6 },
  { id: 'changeDigits', kind: 'number', min: 1, max: 6 },
  { id: 'base', kind: 'number', min: 10, max: 1000, steps: [10, 100, 1000] },
  { id: 'offset', kind: 'number', min: -30, max: 30 },
  { id: 'suited', kind: 'flag' }
] as const satisfies readonly FeatureSpec[];

export function measure({ start, change }: Given): Features {
  const { base, offset, suited } = nearMultiple(Number(change));
  return { digits: start.length, changeDigits: change.length, base, offset, suited };
}
