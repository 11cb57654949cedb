import type { HouseStyle } from '../../../house-style';
import {
  capital,
  carryingFrame,
  parting,
  printedDigits,
  squareCell,
  step,
  stepOn,
  unwrittenAt,
  using,
  usingValues,
  type Layout,
  type Step,
  type StepWords
} from '../../../working';
import { answerAcross } from '../answer-across';
import { total } from './columns';

type Columns = readonly (readonly number[])[];

/**
 * The working of columns of digits, in the order in which a hand writes it:
 *
 *   digit.0, carry.1, digit.1, carry.2, ... digit.n-1, carry.n, digit.n, answer
 */
export function columnSteps(columns: Columns, base = 10): Step[] {
  return [...figureSteps(columns, base), answerAcross(columns.length, base, 'digit', 'sum')];
}

/** The figures and carries of columns of which the first is at the place `lowest`. */
export function figureSteps(columns: Columns, base = 10, lowest = 0): Step[] {
  const n = columns.length;
  const radix = BigInt(base);
  const label = (what: string, place: number) => ({
    label: ({ place: name }: StepWords) => `${what} ${name(place)}`
  });
  const steps = columns.flatMap((column, at) => {
    const p = lowest + at;
    // The last total may be written whole in the last square.
    const whole = columnRule(columns, p, (sum) => sum, lowest);
    const { written: digit, carried: carry } = parting(`total.${p}`, whole, radix);
    const carried = { ...unwrittenAt(0n), ...label('Carry into the', p + 1) };
    return [
      stepOn(`digit.${p}`, digit, {
        ...label('Digit of the', p),
        says: (words) => sumOf(column, at === 0 ? undefined : `carry.${p}`, p, words),
        ...(at === n - 1 && { accepts: (written, get) => written === whole.rule(get) })
      }),
      stepOn(`carry.${p + 1}`, carry, { ...carried, says: (words) => carrying(p + 1, words) })
    ];
  });
  const top = lowest + n;
  const spill = step(
    `digit.${top}`,
    [`digit.${top - 1}`, `carry.${top}`],
    // Nothing is left to copy if the total before it was written whole.
    (before, carry) => (before >= radix ? 0n : carry),
    {
      ...unwrittenAt(0n),
      ...label('Digit of the', top),
      says: ({ value }) => `Write the carried ${value} in a new column.`
    }
  );
  return [...steps, spill];
}

/** A rule over what a column adds up to, with the carry that comes in. */
export function columnRule(
  columns: Columns,
  place: number,
  rule: (sum: bigint) => bigint,
  lowest = 0
) {
  const own = BigInt(total(columns[place - lowest]!));
  return place === lowest
    ? using([], () => rule(own))
    : usingValues<[bigint]>([`carry.${place}`], (carry) => rule(own + carry));
}

function sumOf(
  column: readonly number[],
  carryIn: string | undefined,
  p: number,
  { value, of, place }: StepWords
): string {
  const carry = carryIn === undefined ? '' : of(carryIn);
  const isCarried = carry !== '' && carry !== '0';
  const terms = [...column.map(String), ...(isCarried ? [`${carry} carried`] : [])];
  const sum = total(column) + Number(carry);
  const name = capital(place(p));
  if (terms.length === 1) return `${name}: bring down ${sum}.`;
  return `${name}: ${terms.join(' + ')} = ${sum}.${sum >= 10 ? ` Write ${value}.` : ''}`;
}

function carrying(p: number, { value, place, style }: StepWords): string {
  const [from, to] = [place(p - 1), place(p)];
  switch (style.takingTen) {
    case 'regroup':
      return `Regroup ${value}0 ${from} as ${value} in the ${to}.`;
    case 'exchange':
      return `Exchange ${value}0 ${from} for ${value} in the ${to}.`;
    case 'borrow':
      return `Carry ${value} to the ${to}.`;
  }
}

/** Addends under each other on squared paper, with a column to spare for a longer sum. */
export function columnSheet(addends: readonly string[], style: HouseStyle): Layout {
  const n = Math.max(...addends.map((numeral) => numeral.length));
  const { x, top, answerRow, places, layout, carry } = carryingFrame(
    n + 1,
    addends.length,
    style,
    '+'
  );
  return layout(
    [
      ...addends.flatMap((numeral, row) => printedDigits(numeral, x, top + row)),
      ...places.map((place) => squareCell(`digit.${place}`, { x: x(place), y: answerRow })),
      ...places.slice(1).map(carry)
    ],
    answerRow - 1
  );
}
