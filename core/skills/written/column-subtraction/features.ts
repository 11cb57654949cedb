import { takingWords } from '../../../house-style';
import { capital } from '../../../working';
import { printNumber, valueIn } from '../../../numbers';
import { count } from '../../../skill/feature';
import { longestRun, zerosIn } from '../../../numbers/digit-measures';
import { DIGITS, type Given } from './numbers';

/** What is seen of an item: a column regroups when the minuend, cut off there, is the smaller. */
export interface Look extends Given {
  readonly regroups: readonly boolean[];
  readonly difference: string;
}

export function look({ minuend, subtrahend }: Given, base = 10): Look {
  const [top, bottom] = [valueIn(minuend, base), valueIn(subtrahend, base)];
  const regroups = [...minuend].map((_, place) => {
    const power = BigInt(base) ** BigInt(place + 1);
    return top % power < bottom % power;
  });
  return { minuend, subtrahend, regroups, difference: printNumber(top - bottom, base) };
}

const zerosLeftOf = (numeral: string, place: number) =>
  /0*$/.exec(numeral.slice(0, numeral.length - 1 - place))![0].length;

export const features = {
  digits: count<Look>(DIGITS, 'Digits', 'digits of the minuend', (l) => l.minuend.length),
  shortest: count<Look>(DIGITS, 'Shortest', 'digits of the subtrahend', (l) => l.subtrahend.length),
  regroupings: count<Look>(
    [0, 11],
    (style) => capital(takingWords(style).several),
    'columns where a ten must be taken from the left',
    (l) => l.regroups.filter(Boolean).length
  ),
  acrossZeros: count<Look>(
    [0, 10],
    'Across zeros',
    'most zeros directly to the left of a column that takes a ten',
    (l) => Math.max(0, ...l.regroups.map((is, p) => (is ? zerosLeftOf(l.minuend, p) : 0)))
  ),
  longestRun: count<Look>([0, 11], 'Longest run', 'most columns in a row that take a ten', (l) =>
    longestRun(l.regroups)
  ),
  zeros: count<Look>([0, 11], 'Zeros', 'zero digits in the minuend', (l) => zerosIn(l.minuend)),
  lostColumns: count<Look>(
    [0, 11],
    'Lost columns',
    'how many digits fewer the difference has than the minuend',
    (l) => l.minuend.length - l.difference.length
  )
};
