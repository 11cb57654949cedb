import { takingWords, type HouseStyle } from '../../../house-style';
import { fromDigits, toDigits } from '../../../numbers';
import {
  capital,
  columnFrame,
  printedDigits,
  squareCell,
  stepOn,
  unwrittenAt,
  using,
  usingValues,
  type Layout,
  type Step,
  type StepWords
} from '../../../working';
import { answerAcross } from '../../answer-across';
import type { Columns, Given, School } from './operands';

/**
 * The working in the order in which it is done. Decomposition rewrites the minuend:
 *
 *   rewritten.0 --> digit.0     rewritten.0 --> rewritten.1 --> digit.1 ...   (all digits) --> answer
 *
 * Equal additions raises a digit above and increases the next one below:
 *
 *   raised.0 --> digit.0        raised.0 --> increased.1 --> raised.1 ...
 */
export function subtractionSteps(columns: Columns, school: School, base = 10): Step[] {
  const { top, bottom } = columns;
  const difference = fromDigits(top, base) - fromDigits(bottom, base);
  const length = toDigits(difference, base).length;
  const marks = school === 'decomposition' ? rewritten : raised;
  const steps = top.flatMap((_, p) => [
    ...marks(columns, p, BigInt(base)),
    digit(columns, p, school, p >= length)
  ]);
  return [...steps, answerAcross(top.length - 1, base, 'digit', 'difference')];
}

/** Whether a column has taken a ten, as 1 or 0: more stands above it than is printed. */
const tookTen = (above: bigint, printed: number) => (above > BigInt(printed) ? 1n : 0n);

/** What finally stands above a column: less one if the column to its right took a ten, plus ten if it takes one. */
function rewritten({ top, bottom }: Columns, p: number, base: bigint): Step[] {
  const stands = (taken: bigint) => {
    const left = BigInt(top[p]!) - taken;
    const takes = left < BigInt(bottom[p]!) && p < top.length - 1;
    return takes ? left + base : left;
  };
  const rule =
    p === 0
      ? using([], () => stands(0n))
      : using([`rewritten.${p - 1}`], (before) => stands(tookTen(before, top[p - 1]!)));
  const says = ({ value, place, style }: StepWords) =>
    Number(value) >= 10
      ? `${capital(takingWords(style).act)} a ten for the ${place(p)}: ${value} stand there now.`
      : `One was taken from the ${place(p)}: ${value} stand there now.`;
  const label = ({ place }: StepWords) => `Rewritten ${place(p)}`;
  return [stepOn(`rewritten.${p}`, rule, { ...unwrittenAt(BigInt(top[p]!)), label, says })];
}

function raised({ top, bottom }: Columns, p: number, base: bigint): Step[] {
  const above = (below: bigint) => {
    const takes = BigInt(top[p]!) < below && p < top.length - 1;
    return BigInt(top[p]!) + (takes ? base : 0n);
  };
  const raise = stepOn(
    `raised.${p}`,
    p === 0 ? using([], () => above(BigInt(bottom[0]!))) : using([`increased.${p}`], above),
    {
      ...unwrittenAt(BigInt(top[p]!)),
      label: ({ place }) => `Ten more above in the ${place(p)}`,
      says: ({ value, place }) => `Add ten to the ${place(p)} above: ${value}.`
    }
  );
  if (p === 0) return [raise];
  const increase = stepOn(
    `increased.${p}`,
    using([`raised.${p - 1}`], (before) => BigInt(bottom[p]!) + tookTen(before, top[p - 1]!)),
    {
      ...unwrittenAt(BigInt(bottom[p]!)),
      label: ({ place }) => `One more below in the ${place(p)}`,
      says: ({ value, place }) =>
        `Add one to the ${place(p)} below to keep the difference: ${value}.`
    }
  );
  return [increase, raise];
}

/** The steps from which the digit of a column is read: what stands above, and below where it may change. */
function partsOf(p: number, school: School): string[] {
  if (school === 'decomposition') return [`rewritten.${p}`];
  return p === 0 ? ['raised.0'] : [`raised.${p}`, `increased.${p}`];
}

function digit({ bottom }: Columns, p: number, school: School, isLeading: boolean): Step {
  const printed = BigInt(bottom[p]!);
  const difference = usingValues<[bigint, bigint?]>(partsOf(p, school), (above, below = printed) =>
    above < below ? undefined : above - below
  );
  return stepOn(`digit.${p}`, difference, {
    label: ({ place }) => `Digit of the ${place(p)}`,
    says({ value, of, place }) {
      const [above, below] = partsOf(p, school).map(of);
      return `${capital(place(p))}: ${above} − ${below ?? printed} = ${value}.`;
    },
    ...(isLeading && unwrittenAt(0n))
  });
}

/** Minuend over subtrahend, with room above each digit for what it becomes. */
export function subtractionSheet(
  { minuend, subtrahend }: Given,
  school: School,
  style: HouseStyle
): Layout {
  const isEqual = school === 'equal-additions';
  const rows = { before: 1, numbers: isEqual ? 3 : 2, after: 0 };
  const { x, top, answerRow, places, layout } = columnFrame(minuend.length, rows, style, '−');
  const above = isEqual ? 'raised' : 'rewritten';
  const mark = (step: string, place: number, [dx, y, size]: readonly [number, number, number]) =>
    squareCell(`${step}.${place}`, { x: x(place) + dx, y, size }, 'carry');
  return layout([
    ...printedDigits(minuend, x, top, above),
    ...printedDigits(subtrahend, x, top + 1, isEqual ? 'increased' : undefined),
    ...places.map((place) => mark(above, place, [0.1, top - 0.85, 0.8])),
    ...(isEqual ? places.slice(1) : []).map((place) =>
      mark('increased', place, [0.15, top + 2.1, 0.7])
    ),
    ...places.map((place) => squareCell(`digit.${place}`, { x: x(place), y: answerRow }))
  ]);
}
