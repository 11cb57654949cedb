import { gcdOfSmall } from '../../numbers';
import { count, flag, oneOf } from '../../skill/feature';
import { LARGEST_DENOMINATOR, LARGEST_WHOLE, type MixedGiven } from '../../skill/given/mixed';

export type Fraction = Pick<MixedGiven, 'numerator' | 'denominator'>;

const relations = ['same', 'multiple', 'shared-factor', 'coprime'] as const;

/** Denominators that classes meet (common practice), and none. */
const FRIENDLY = [1, 2, 3, 4, 5, 6, 8, 10, 12];

/** What two denominators settle; a whole number has denominator 1. */
export type Denominators = {
  readonly relation: (typeof relations)[number];
  /** The least one. */
  readonly commonDenominator: number;
  readonly largestDenominator: number;
  readonly friendly: boolean;
};

export function lookAtDenominators(
  { denominator: one }: Fraction,
  { denominator: other }: Fraction
): Denominators {
  return {
    relation: relationOf(one, other),
    commonDenominator: (one / gcdOfSmall(one, other)) * other,
    largestDenominator: Math.max(one, other),
    friendly: FRIENDLY.includes(one) && FRIENDLY.includes(other)
  };
}

/** The first of the relations that holds. */
function relationOf(one: number, other: number): Denominators['relation'] {
  if (one === other) return 'same';
  if (one % other === 0 || other % one === 0) return 'multiple';
  return gcdOfSmall(one, other) > 1 ? 'shared-factor' : 'coprime';
}

interface Denominated {
  readonly denominator: number | bigint;
}

/** Whether two fractions must be brought to a common denominator; a whole number has none. */
export function areUnlike({ denominator: one }: Denominated, { denominator: other }: Denominated) {
  return one !== other && one > 1 && other > 1;
}

/** A numerator over another denominator, which must be a multiple of its own. */
export const topOver = ({ numerator, denominator }: Fraction, common: number): number =>
  numerator * (common / denominator);

/** What the features of two mixed numbers are measured from. */
export interface TwoMixed extends Denominators {
  readonly simplifies: boolean;
  readonly numbers: readonly [MixedGiven, MixedGiven];
}

/** Features of two mixed numbers, whatever is done with them. */
export const mixedFeatures = {
  relation: oneOf<TwoMixed, Denominators['relation']>(
    relations,
    'Denominators',
    'how the two denominators stand to each other',
    (l) => l.relation
  ),
  commonDenominator: count<TwoMixed>(
    [1, LARGEST_DENOMINATOR * (LARGEST_DENOMINATOR - 1)],
    'Common denominator',
    'the least one',
    (l) => l.commonDenominator
  ),
  simplifies: flag<TwoMixed>(
    'Simplifies',
    'the fraction of the answer can be cancelled',
    (l) => l.simplifies
  ),
  fractionOnly: flag<TwoMixed>('Fraction only', 'one of the numbers has no whole part', (l) =>
    l.numbers.some(({ whole }) => whole === 0)
  ),
  largestWhole: count<TwoMixed>([0, LARGEST_WHOLE], 'Largest whole', 'the larger whole part', (l) =>
    Math.max(...l.numbers.map(({ whole }) => whole))
  ),
  largestDenominator: count<TwoMixed>(
    [1, LARGEST_DENOMINATOR],
    'Largest denominator',
    'the larger denominator, 1 for a whole number',
    (l) => l.largestDenominator
  ),
  friendly: flag<TwoMixed>(
    'Friendly denominators',
    'only 2, 3, 4, 5, 6, 8, 10, 12 or none',
    (l) => l.friendly
  )
};

/** No fraction, and all proper fractions in lowest terms. */
const FRACTIONS: readonly Fraction[] = [
  { numerator: 0, denominator: 1 },
  ...Array.from({ length: LARGEST_DENOMINATOR - 1 }, (_, at) => at + 2).flatMap((denominator) =>
    Array.from({ length: denominator - 1 }, (_, at) => at + 1)
      .filter((numerator) => gcdOfSmall(numerator, denominator) === 1)
      .map((numerator) => ({ numerator, denominator }))
  )
];

export type FractionPair = readonly [Fraction, Fraction];

/** The two fractions of a place among all pairs. */
export function pairAt(place: number): FractionPair {
  const size = FRACTIONS.length;
  return [FRACTIONS[Math.floor(place / size)]!, FRACTIONS[place % size]!];
}

/** What is settled by two fractions, worked out once for all pairs, by their place. */
export function forAllPairs<Settled>(
  settle: (one: Fraction, other: Fraction) => Settled
): () => readonly Settled[] {
  let settled: readonly Settled[] | undefined;
  return () =>
    (settled ??= Array.from({ length: FRACTIONS.length ** 2 }, (_, place) =>
      settle(...pairAt(place))
    ));
}
