import { gcd } from '../../../numbers';
import type { Features, FeatureSpec } from '../../features';
import {
  leastDenominator,
  needsRegrouping,
  LARGEST_DENOMINATOR,
  type Fraction,
  type Given
} from './operands';

export const relations = ['same', 'multiple', 'shared-factor', 'coprime'] as const;
export type Relation = (typeof relations)[number];

export const features = [
  { id: 'relation', kind: 'choice', values: relations },
  {
    id: 'commonDenominator',
    kind: 'number',
    min: 1,
    max: LARGEST_DENOMINATOR * (LARGEST_DENOMINATOR - 1)
  },
  { id: 'regroups', kind: 'flag' },
  { id: 'simplifies', kind: 'flag' },
  { id: 'wholeMinuend', kind: 'flag' },
  { id: 'fractionOnly', kind: 'flag' },
  { id: 'wholeVanishes', kind: 'flag' }
] as const satisfies readonly FeatureSpec[];

export function measure({ minuend, subtrahend }: Given): Features {
  const regroups = needsRegrouping(minuend, subtrahend);
  return {
    relation: relationOf(minuend.denominator, subtrahend.denominator),
    commonDenominator: leastDenominator(minuend, subtrahend),
    regroups,
    simplifies: simplifies(minuend, subtrahend),
    wholeMinuend: minuend.numerator === 0,
    fractionOnly: minuend.whole === 0 || subtrahend.whole === 0,
    wholeVanishes: minuend.whole - subtrahend.whole - (regroups ? 1 : 0) === 0
  };
}

/** The first of the relations that holds of two denominators; a whole number has denominator 1. */
export function relationOf(one: number, other: number): Relation {
  if (one === other) return 'same';
  if (one % other === 0 || other % one === 0) return 'multiple';
  return gcd(BigInt(one), BigInt(other)) > 1n ? 'shared-factor' : 'coprime';
}

/** Whether the fraction of the answer over the least common denominator can be cancelled; not if it vanishes. */
export function simplifies(minuend: Fraction, subtrahend: Fraction): boolean {
  const common = leastDenominator(minuend, subtrahend);
  const over = ({ numerator, denominator }: Fraction) => numerator * (common / denominator);
  const difference = over(minuend) - over(subtrahend);
  const rest = difference < 0 ? difference + common : difference;
  return rest > 0 && gcd(BigInt(rest), BigInt(common)) > 1n;
}
