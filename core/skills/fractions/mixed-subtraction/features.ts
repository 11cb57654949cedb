import { takingWords } from '../../../house-style';
import { capital } from '../../../working';
import { gcdOfSmall } from '../../../numbers';
import { count, flag, oneOf } from '../../feature';
import { LARGEST_DENOMINATOR, LARGEST_WHOLE, type MixedGiven } from '../../given/mixed';

export interface Given {
  readonly minuend: MixedGiven;
  readonly subtrahend: MixedGiven;
}

export type Fraction = Pick<MixedGiven, 'numerator' | 'denominator'>;

const relations = ['same', 'multiple', 'shared-factor', 'coprime'] as const;

/** What the two fractions settle, whatever the whole parts. */
export interface Pair {
  readonly relation: (typeof relations)[number];
  readonly commonDenominator: number;
  readonly regroups: boolean;
  readonly simplifies: boolean;
  readonly wholeMinuend: boolean;
  readonly largestDenominator: number;
  readonly friendly: boolean;
}

/** Denominators that classes meet (common practice), and none. */
const FRIENDLY = [1, 2, 3, 4, 5, 6, 8, 10, 12];

/** Whether the fraction above is too small for the one below. */
export function needsRegrouping(minuend: Fraction, subtrahend: Fraction): boolean {
  return minuend.numerator * subtrahend.denominator < subtrahend.numerator * minuend.denominator;
}

/** Whether two fractions must be brought to a common denominator; a whole number has none. */
export function areUnlike(
  { denominator: one }: Fraction,
  { denominator: other }: Fraction
): boolean {
  return one !== other && one > 1 && other > 1;
}

export function lookAtFractions(minuend: Fraction, subtrahend: Fraction): Pair {
  const [one, other] = [minuend.denominator, subtrahend.denominator];
  const common = (one / gcdOfSmall(one, other)) * other;
  const over = ({ numerator, denominator }: Fraction) => numerator * (common / denominator);
  const difference = over(minuend) - over(subtrahend);
  const rest = difference < 0 ? difference + common : difference;
  return {
    relation: relationOf(one, other),
    commonDenominator: common,
    regroups: difference < 0,
    // Not if the fraction vanishes.
    simplifies: rest > 0 && gcdOfSmall(rest, common) > 1,
    wholeMinuend: minuend.numerator === 0,
    largestDenominator: Math.max(one, other),
    friendly: FRIENDLY.includes(one) && FRIENDLY.includes(other)
  };
}

/** The first of the relations that holds of two denominators; a whole number has denominator 1. */
function relationOf(one: number, other: number): Pair['relation'] {
  if (one === other) return 'same';
  if (one % other === 0 || other % one === 0) return 'multiple';
  return gcdOfSmall(one, other) > 1 ? 'shared-factor' : 'coprime';
}

export type Look = Pair & Given;

export function look(given: Given): Look {
  return { ...lookAtFractions(given.minuend, given.subtrahend), ...given };
}

export const features = {
  relation: oneOf<Look, Pair['relation']>(
    relations,
    'Denominators',
    'how the two denominators stand to each other',
    (l) => l.relation
  ),
  commonDenominator: count<Look>(
    [1, LARGEST_DENOMINATOR * (LARGEST_DENOMINATOR - 1)],
    'Common denominator',
    'the least one',
    (l) => l.commonDenominator
  ),
  regroups: flag<Look>(
    (style) => capital(takingWords(style).acts),
    'the fraction above is too small',
    (l) => l.regroups
  ),
  simplifies: flag<Look>(
    'Simplifies',
    'the fraction of the answer can be cancelled',
    (l) => l.simplifies
  ),
  wholeMinuend: flag<Look>(
    'Whole minuend',
    'the minuend has no fraction part',
    (l) => l.wholeMinuend
  ),
  fractionOnly: flag<Look>(
    'Fraction only',
    'one of the numbers has no whole part',
    (l) => l.minuend.whole === 0 || l.subtrahend.whole === 0
  ),
  wholeVanishes: flag<Look>(
    'Whole vanishes',
    'the answer is below 1',
    (l) => l.minuend.whole - l.subtrahend.whole - (l.regroups ? 1 : 0) === 0
  ),
  largestWhole: count<Look>([0, LARGEST_WHOLE], 'Largest whole', 'the larger whole part', (l) =>
    Math.max(l.minuend.whole, l.subtrahend.whole)
  ),
  largestDenominator: count<Look>(
    [1, LARGEST_DENOMINATOR],
    'Largest denominator',
    'the larger denominator, 1 for a whole number',
    (l) => l.largestDenominator
  ),
  friendly: flag<Look>(
    'Friendly denominators',
    'only 2, 3, 4, 5, 6, 8, 10, 12 or none',
    (l) => l.friendly
  )
};

/** Whether the answer has a whole part and a fraction. */
export function isMixed(given: Given): boolean {
  const { minuend, subtrahend } = given;
  const isWhole =
    minuend.numerator === subtrahend.numerator && minuend.denominator === subtrahend.denominator;
  return !isWhole && features.wholeVanishes.measure(look(given)) === false;
}
