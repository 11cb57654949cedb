import { takingWords } from '../../../house-style';
import { fromDigits, toDigits } from '../../../numbers';
import {
  capital,
  squareCell,
  stepOn,
  unwrittenAt,
  using,
  usingValues,
  type Cell,
  type Step,
  type StepWords
} from '../../../working';
import { overColumns, type Columns, type School } from './columns';

/**
 * The columns of a subtraction in the order in which they are worked. Decomposition rewrites the minuend:
 *
 *   rewritten.0 --> digit.0     rewritten.0 --> rewritten.1 --> digit.1 ...
 *
 * Equal additions raises a digit above and increases the next one below:
 *
 *   raised.0 --> digit.0        raised.0 --> increased.1 --> raised.1 ...
 */
export function differenceSteps(columns: Columns, school: School, base = 10): Step[] {
  const marks = school === 'decomposition' ? rewritten : raised;
  const leading = leadingZeros(columns, base);
  return overColumns(columns, (top, bottom, p, at) => {
    const width = columns.top.length;
    const right = at === 0 ? undefined : BigInt(columns.top[at - 1]!);
    const column = { p, top: BigInt(top), bottom: BigInt(bottom), right, isLast: at === width - 1 };
    // Before a decimal point a zero is written.
    const isLeading = at >= width - leading && p > 0;
    return [...marks(column, BigInt(base)), digit(column, school, isLeading)];
  }).flat();
}

/** The step in which what stands above a column is written. */
export const aboveIn = (school: School) => (school === 'decomposition' ? 'rewritten' : 'raised');

interface Column {
  readonly p: number;
  readonly top: bigint;
  readonly bottom: bigint;
  /** The minuend's figure in the column to the right, where there is one. */
  readonly right: bigint | undefined;
  /** The leftmost: there is nothing to take a ten from. */
  readonly isLast: boolean;
}

/** Zeros with which the difference begins, written in as many columns as the minuend. */
function leadingZeros({ top, bottom }: Columns, base: number): number {
  const difference = fromDigits(top, base) - fromDigits(bottom, base);
  return top.length - toDigits(difference, base).length;
}

/** Whether a column has taken a ten, as 1 or 0: more stands above it than is printed. */
const tookTen = (above: bigint, printed: bigint) => (above > printed ? 1n : 0n);

/** What finally stands above a column: less one if the column to its right took a ten, plus ten if it takes one. */
function rewritten({ p, top, bottom, right, isLast }: Column, base: bigint): Step[] {
  const stands = (taken: bigint) => {
    const left = top - taken;
    return left < bottom && !isLast ? left + base : left;
  };
  const rule =
    right === undefined
      ? using([], () => stands(0n))
      : using([`rewritten.${p - 1}`], (before) => stands(tookTen(before, right)));
  const says = (words: StepWords) => rewriting(p, top, words);
  const label = ({ place }: StepWords) => `Rewritten ${place(p)}`;
  return [stepOn(`rewritten.${p}`, rule, { ...unwrittenAt(top), label, says })];
}

/** What is done to the figure above a column: a ten made of one from the left, one given to the right, or both. */
function rewriting(p: number, top: bigint, { value, place, style }: StepWords): string {
  const [here, left] = [place(p), place(p + 1)];
  const as = style.takingTen === 'exchange' ? 'for' : 'as';
  const taking = `${capital(takingWords(style).act)} 1 ${left.slice(0, -1)} ${as} 10 ${here}.`;
  const taken = `1 ${here.slice(0, -1)} was taken away`;
  const now = BigInt(value.replace(/\D/g, ''));
  if (now < 10n) {
    return top === 0n
      ? `There are 0 ${here}. ${taking} Then ${taken}: ${value} ${here} are left.`
      : `${taken}: ${value} ${here} ${value === '1' ? 'is' : 'are'} left.`;
  }
  const first = now - 10n < top ? `${taken}. ` : '';
  return `${first}${taking} Now there are ${value} ${here}.`;
}

function raised({ p, top, bottom, right, isLast }: Column, base: bigint): Step[] {
  const above = (below: bigint) => top + (top < below && !isLast ? base : 0n);
  const raise = stepOn(
    `raised.${p}`,
    right === undefined ? using([], () => above(bottom)) : using([`increased.${p}`], above),
    {
      ...unwrittenAt(top),
      label: ({ place }) => `Ten more above in the ${place(p)}`,
      says: ({ value, place }) => `Add ten to the ${place(p)} above: ${value}.`
    }
  );
  if (right === undefined) return [raise];
  const increase = stepOn(
    `increased.${p}`,
    using([`raised.${p - 1}`], (before) => bottom + tookTen(before, right)),
    {
      ...unwrittenAt(bottom),
      label: ({ place }) => `One more below in the ${place(p)}`,
      says: ({ value, place }) =>
        `Add one to the ${place(p)} below to keep the difference: ${value}.`
    }
  );
  return [increase, raise];
}

function digit({ p, bottom, right }: Column, school: School, isLeading: boolean): Step {
  // What stands below may change only where something was raised to its right.
  const isIncreased = school === 'equal-additions' && right !== undefined;
  const parts = [`${aboveIn(school)}.${p}`, ...(isIncreased ? [`increased.${p}`] : [])];
  const difference = usingValues<[bigint, bigint?]>(parts, (above, below = bottom) =>
    above < below ? undefined : above - below
  );
  return stepOn(`digit.${p}`, difference, {
    label: ({ place }) => `Digit of the ${place(p)}`,
    says({ value, of, place }) {
      const [above, below] = parts.map(of);
      return `${capital(place(p))}: ${above} − ${below ?? bottom} = ${value}.`;
    },
    ...(isLeading && unwrittenAt(0n))
  });
}

/** Squares of the small figures above the minuend, and below the subtrahend where it is increased. */
export function differenceMarks(
  places: readonly number[],
  school: School,
  { x, top }: { readonly x: (place: number) => number; readonly top: number }
): Cell[] {
  const mark = (step: string, place: number, [dx, y, size]: readonly [number, number, number]) =>
    squareCell(`${step}.${place}`, { x: x(place) + dx, y, size }, 'carry');
  const below = school === 'equal-additions' ? places.slice(1) : [];
  return [
    ...places.map((place) => mark(aboveIn(school), place, [0.1, top - 0.85, 0.8])),
    ...below.map((place) => mark('increased', place, [0.15, top + 2.1, 0.7]))
  ];
}
