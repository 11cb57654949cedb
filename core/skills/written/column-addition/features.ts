import { printNumber, valueIn } from '../../../numbers';
import { count, flag } from '../../../skill/feature';
import { longestRun, zerosIn } from '../../../numbers/digit-measures';
import { ADDENDS, DIGITS, type Given } from '../../../methods/columns/sum/columns';

/** What is seen of an item when it is added up, column by column, as a reader of the sheet would. */
export interface Look {
  readonly addends: readonly string[];
  /** Digits of each addend. */
  readonly lengths: readonly number[];
  /** The sum as a numeral. */
  readonly sum: string;
  /** What each column passes on, ones first. */
  readonly carries: readonly number[];
  readonly isCarrying: readonly boolean[];
  /** Digits of each column, without what comes in. */
  readonly totals: readonly number[];
  readonly base: number;
}

export function look({ addends }: Given, base = 10): Look {
  const value = (numeral: string) => valueIn(numeral, base);
  const lengths = addends.map((numeral) => numeral.length);
  const places = Array.from({ length: Math.max(...lengths) }, (_, place) => place);
  // What leaves column p is what the numbers to the right of it, cut off there, add up to beyond it.
  const carries = places.map((place) => {
    const power = BigInt(base) ** BigInt(place + 1);
    return Number(addends.reduce((sum, numeral) => sum + (value(numeral) % power), 0n) / power);
  });
  return {
    addends,
    lengths,
    base,
    sum: printNumber(
      addends.reduce((sum, numeral) => sum + value(numeral), 0n),
      base
    ),
    carries,
    isCarrying: carries.map((carry) => carry > 0),
    totals: places.map((place) =>
      addends.reduce((sum, numeral) => sum + parseInt(numeral.at(-1 - place) ?? '0', base), 0)
    )
  };
}

export const features = {
  addends: count<Look>(ADDENDS, 'Addends', 'how many numbers are added', (l) => l.addends.length),
  digits: count<Look>(DIGITS, 'Digits', 'digits of the longest addend', (l) =>
    Math.max(...l.lengths)
  ),
  shortest: count<Look>(DIGITS, 'Shortest', 'digits of the shortest addend', (l) =>
    Math.min(...l.lengths)
  ),
  carries: count<Look>(
    [0, 12],
    'Carries',
    'columns whose total is ten or more',
    (l) => l.isCarrying.filter(Boolean).length
  ),
  ripples: count<Look>(
    [0, 11],
    'Ripples',
    'columns that carry only because a carry came in',
    (l) => l.isCarrying.filter((is, place) => is && l.totals[place]! < l.base).length
  ),
  longestRun: count<Look>([0, 12], 'Longest run', 'most carrying columns in a row', (l) =>
    longestRun(l.isCarrying)
  ),
  largestCarry: count<Look>([0, 5], 'Largest carry', 'the largest carry, 0 if there is none', (l) =>
    Math.max(...l.carries)
  ),
  newColumn: flag<Look>(
    'New column',
    'the sum is longer than the longest addend',
    (l) => l.sum.length > Math.max(...l.lengths)
  ),
  zeros: count<Look>([0, 66], 'Zeros', 'zero digits in the addends', (l) =>
    zerosIn(l.addends.join(''))
  ),
  answerZeros: count<Look>([0, 12], 'Zeros in the sum', 'zero digits in the sum', (l) =>
    zerosIn(l.sum)
  )
};
