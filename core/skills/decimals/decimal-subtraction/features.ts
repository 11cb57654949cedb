import { takingWords } from '../../../house-style';
import { capital } from '../../../working';
import { columnFeatures } from '../../../methods/columns/decimal/features';
import {
  hasPoint,
  placesOf,
  trailingZerosIn,
  unitsAt,
  wholeDigitsOf
} from '../../../numbers/decimal-numerals';
import { count, flag } from '../../../skill/feature';
import { longestRun } from '../../../numbers/digit-measures';
import { MOST_PLACES, WHOLE_DIGITS, type Given } from './numbers';

/** What is seen of a difference, in units of its smallest place. */
export interface Look {
  readonly minuend: string;
  readonly amounts: boolean;
  readonly numbers: readonly string[];
  readonly maxPlaces: number;
  /** Whether each column takes a ten, the last place first. */
  readonly regroups: readonly boolean[];
  /** The minuend in units, with the zeros of its blank places. */
  readonly top: string;
  readonly difference: bigint;
}

export function look({ minuend, subtrahend, amounts = false }: Given): Look {
  const numbers = [minuend, subtrahend];
  const maxPlaces = placesOf(numbers);
  const [top, bottom] = numbers.map((numeral) => unitsAt(numeral, maxPlaces)) as [bigint, bigint];
  const columns = wholeDigitsOf([minuend]) + maxPlaces;
  return {
    ...{ minuend, numbers, amounts },
    maxPlaces,
    // A column takes a ten where the minuend, cut off there, is the smaller.
    regroups: Array.from({ length: columns }, (_, at) => {
      const power = 10n ** BigInt(at + 1);
      return top % power < bottom % power;
    }),
    top: String(top).padStart(columns, '0'),
    difference: top - bottom
  };
}

const COLUMNS = WHOLE_DIGITS + MOST_PLACES;

const zerosLeftOf = (figures: string, at: number) =>
  /0*$/.exec(figures.slice(0, figures.length - 1 - at))![0].length;

export const features = {
  ...columnFeatures({ wholeDigits: WHOLE_DIGITS, places: MOST_PLACES, numbers: 2 }),
  trailingZeros: count<Look>(
    [0, MOST_PLACES],
    'Trailing zeros',
    'zeros at the end of the difference, right of the point',
    (l) => trailingZerosIn(l.difference, l.maxPlaces)
  ),
  regroupings: count<Look>(
    [0, COLUMNS - 1],
    (style) => capital(takingWords(style).several),
    'columns where a ten must be taken from the left',
    (l) => l.regroups.filter(Boolean).length
  ),
  acrossZeros: count<Look>(
    [0, COLUMNS - 2],
    'Across zeros',
    'most zeros directly to the left of a column that takes a ten',
    (l) => Math.max(0, ...l.regroups.map((is, at) => (is ? zerosLeftOf(l.top, at) : 0)))
  ),
  longestRun: count<Look>(
    [0, COLUMNS - 1],
    'Longest run',
    'most columns in a row that take a ten',
    (l) => longestRun(l.regroups)
  ),
  wholeMinuend: flag<Look>(
    'Whole minuend',
    'the minuend is written without a point',
    (l) => !hasPoint(l.minuend)
  ),
  acrossPoint: flag<Look>(
    'Across the point',
    'the tenths take a ten',
    (l) => l.regroups[l.maxPlaces - 1]!
  ),
  belowOne: flag<Look>(
    'Below one',
    'the difference is below 1',
    (l) => l.difference < 10n ** BigInt(l.maxPlaces)
  )
};
