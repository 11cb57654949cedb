import { count, flag } from '../../../skill/feature';
import { longestRun } from '../../../numbers/digit-measures';
import { columnFeatures } from '../../../methods/columns/decimal/features';
import {
  placesOf,
  trailingZerosIn,
  unitsAt,
  wholeDigitsOf
} from '../../../numbers/decimal-numerals';
import { ADDENDS, MOST_PLACES, WHOLE_DIGITS, type Given } from './numbers';

/** What is seen of a sum, in units of its smallest place. */
export interface Look {
  readonly numbers: readonly string[];
  readonly wholeDigits: number;
  readonly maxPlaces: number;
  readonly amounts: boolean;
  /** What each column passes on, the last place first. */
  readonly carries: readonly number[];
  /** Columns that carry only because a carry came in. */
  readonly ripples: number;
  readonly sum: string;
}

export function look({ addends, amounts = false }: Given): Look {
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
    ...{ numbers: addends, amounts },
    wholeDigits,
    maxPlaces,
    carries,
    ripples: carries.filter((carry, at) => carry > 0 && own[at]! < 10).length,
    sum: String(units.reduce((sum, value) => sum + value, 0n)).padStart(columns.length, '0')
  };
}

const COLUMNS = WHOLE_DIGITS + MOST_PLACES;

export const features = {
  addends: count<Look>(ADDENDS, 'Addends', 'how many numbers are added', (l) => l.numbers.length),
  ...columnFeatures({ wholeDigits: WHOLE_DIGITS, places: MOST_PLACES, numbers: ADDENDS[1] }),
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
