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
  /** Neither fraction can be cancelled. */
  readonly lowest: boolean;
};

export function lookAtDenominators(first: Fraction, second: Fraction): Denominators {
  const [one, other] = [first.denominator, second.denominator];
  return {
    relation: relationOf(one, other),
    commonDenominator: (one / gcdOfSmall(one, other)) * other,
    largestDenominator: Math.max(one, other),
    friendly: FRIENDLY.includes(one) && FRIENDLY.includes(other),
    lowest: isLowest(first) && isLowest(second)
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
  ),
  lowest: flag<TwoMixed>(
    'Lowest terms',
    'neither given fraction can be cancelled, unless no is chosen: then at least one can',
    (l) => l.lowest,
    true
  )
};

const isLowest = ({ numerator, denominator }: Fraction) => gcdOfSmall(numerator, denominator) === 1;

/** No fraction, and all proper fractions. */
const FRACTIONS: readonly Fraction[] = [
  { numerator: 0, denominator: 1 },
  ...Array.from({ length: LARGEST_DENOMINATOR - 1 }, (_, at) => at + 2).flatMap((denominator) =>
    Array.from({ length: denominator - 1 }, (_, at) => ({ numerator: at + 1, denominator }))
  )
];

const LOWEST = FRACTIONS.filter(isLowest);

export type FractionPair = readonly [Fraction, Fraction];

/** Pairs of fractions by their place, with what each pair settles. */
export interface FractionPairs<Settled> {
  readonly settled: readonly Settled[];
  at(place: number): FractionPair;
}

/**
 * What is settled by two fractions, worked out once for all pairs: for pairs in lowest terms, or for all. Items are in
 * lowest terms unless fractions that cancel are asked for, so that a request keeps its items.
 */
export function forAllPairs<Settled>(
  settle: (one: Fraction, other: Fraction) => Settled
): (isLowest: boolean) => FractionPairs<Settled> {
  const known = new Map<readonly Fraction[], FractionPairs<Settled>>();
  return (lowest) => {
    const fractions = lowest ? LOWEST : FRACTIONS;
    const pairs = known.get(fractions) ?? pairsOf(fractions, settle);
    known.set(fractions, pairs);
    return pairs;
  };
}

function pairsOf<Settled>(
  fractions: readonly Fraction[],
  settle: (one: Fraction, other: Fraction) => Settled
): FractionPairs<Settled> {
  const size = fractions.length;
  const at = (place: number): FractionPair => [
    fractions[Math.floor(place / size)]!,
    fractions[place % size]!
  ];
  return { at, settled: Array.from({ length: size ** 2 }, (_, place) => settle(...at(place))) };
}
