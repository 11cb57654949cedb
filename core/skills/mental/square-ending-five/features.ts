import type { Features, FeatureSpec } from '../../features';
import { DIGITS, type Given } from './operands';

export const features = [
  { id: 'digits', kind: 'number', ...DIGITS }
] as const satisfies readonly FeatureSpec[];

export function measure({ number }: Given): Features {
  return { digits: number.length };
}
