import { count, flag } from '../../../skill/feature';
import { decimalsIn, integersIn, wholeDigitsOf } from '../../../numbers/decimal-numerals';

/** The numbers that stand under each other. */
interface Look {
  readonly numbers: readonly string[];
  readonly maxPlaces: number;
  readonly amounts: boolean;
}

/** How large decimals in columns may be, and how many of them there are at most. */
export interface Limits {
  readonly wholeDigits: number;
  readonly places: number;
  readonly numbers: number;
}

const places = ({ numbers }: Look) => numbers.map(decimalsIn);

/** Features of decimals that stand under each other, the points in line. */
export const columnFeatures = (limits: Limits) => ({
  integers: count<Look>(
    [0, limits.numbers - 1],
    'Whole numbers',
    'how many are written without a point',
    (l) => integersIn(l.numbers)
  ),
  wholeDigits: count<Look>(
    [1, limits.wholeDigits],
    'Whole digits',
    'digits of the longest whole part',
    (l) => wholeDigitsOf(l.numbers)
  ),
  maxPlaces: count<Look>(
    [1, limits.places],
    'Most places',
    'decimal places of the longest number',
    (l) => l.maxPlaces
  ),
  raggedness: count<Look>(
    [0, limits.places],
    'Difference in places',
    'most decimal places less fewest',
    (l) => l.maxPlaces - Math.min(...places(l))
  ),
  padded: count<Look>(
    [0, (limits.numbers - 1) * limits.places],
    'Blank places',
    'places right of the point where a number has no digit',
    (l) => places(l).reduce((sum, own) => sum + l.maxPlaces - own, 0)
  ),
  amounts: flag<Look>(
    'Amounts',
    'every number has two places and keeps its zeros; no number does unless yes is chosen',
    (l) => l.amounts,
    false
  )
});
