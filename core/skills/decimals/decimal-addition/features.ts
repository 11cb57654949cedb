import { count, flag } from '../../feature';
import { longestRun } from '../../measures';
import {
  decimalsIn,
  integersIn,
  placesOf,
  trailingZerosIn,
  unitsAt,
  wholeDigitsOf
} from '../../decimal-columns/numerals';
import { ADDENDS, MOST_PLACES, WHOLE_DIGITS, type Given } from './columns';

/** What is seen of a sum, in units of its smallest place. */
export interface Look {
  readonly addends: readonly string[];
  readonly integers: number;
  readonly places: readonly number[];
  readonly wholeDigits: number;
  readonly maxPlaces: number;
  /** What each column passes on, the last place first. */
  readonly carries: readonly number[];
  /** Columns that carry only because a carry came in. */
  readonly ripples: number;
  readonly sum: string;
}

export function look({ addends }: Given): Look {
  const maxPlaces = placesOf(addends);
  const wholeDigits = wholeDigitsOf(addends);
  const units = addends.map((numeral) => unitsAt(numeral, maxPlaces));
  const columns = Array.from({ length: wholeDigits + maxPlaces }, (_, at) => 10n ** BigInt(at));
  // What leaves a column is what the numbers to the right of it, cut off there, add up to beyond it.
  const carries = columns.map((power) =>
    Number(units.reduce((sum, value) => sum + (value % (10n * power)), 0n) / (10n * power))
  );
  const own = columns.map((power) =>
    units.reduce((sum, value) => sum + Number((value / power) % 10n), 0)
  );
  return {
    addends,
    integers: integersIn(addends),
    places: addends.map(decimalsIn),
    wholeDigits,
    maxPlaces,
    carries,
    ripples: carries.filter((carry, at) => carry > 0 && own[at]! < 10).length,
    sum: String(units.reduce((sum, value) => sum + value, 0n)).padStart(columns.length, '0')
  };
}

const COLUMNS = WHOLE_DIGITS + MOST_PLACES;

export const features = {
  addends: count<Look>(ADDENDS, 'Addends', 'how many numbers are added', (l) => l.addends.length),
  integers: count<Look>(
    [0, ADDENDS[1] - 1],
    'Whole numbers',
    'how many are written without a point',
    (l) => l.integers
  ),
  wholeDigits: count<Look>(
    [1, WHOLE_DIGITS],
    'Whole digits',
    'digits of the longest whole part',
    (l) => l.wholeDigits
  ),
  maxPlaces: count<Look>(
    [1, MOST_PLACES],
    'Most places',
    'decimal places of the longest number',
    (l) => l.maxPlaces
  ),
  raggedness: count<Look>(
    [0, MOST_PLACES],
    'Raggedness',
    'most places less fewest',
    (l) => l.maxPlaces - Math.min(...l.places)
  ),
  padded: count<Look>(
    [0, (ADDENDS[1] - 1) * MOST_PLACES],
    'Blank places',
    'places right of the point where a number has no digit',
    (l) => l.places.reduce((sum, places) => sum + l.maxPlaces - places, 0)
  ),
  carries: count<Look>(
    [0, COLUMNS],
    'Carries',
    'columns whose total is ten or more',
    (l) => l.carries.filter((carry) => carry > 0).length
  ),
  ripples: count<Look>(
    [0, COLUMNS - 1],
    'Ripples',
    'columns that carry only because a carry came in',
    (l) => l.ripples
  ),
  longestRun: count<Look>([0, COLUMNS], 'Longest run', 'most carrying columns in a row', (l) =>
    longestRun(l.carries.map((carry) => carry > 0))
  ),
  largestCarry: count<Look>([0, 4], 'Largest carry', 'the largest carry, 0 if there is none', (l) =>
    Math.max(...l.carries)
  ),
  newColumn: flag<Look>(
    'New column',
    'the sum has a longer whole part than any number',
    (l) => l.sum.length > l.wholeDigits + l.maxPlaces
  ),
  acrossPoint: flag<Look>(
    'Across the point',
    'a carry passes over the point',
    (l) => l.carries[l.maxPlaces - 1]! > 0
  ),
  trailingZeros: count<Look>(
    [0, MOST_PLACES],
    'Trailing zeros',
    'zeros at the end of the sum, right of the point',
    (l) => trailingZerosIn(BigInt(l.sum), l.maxPlaces)
  )
};
