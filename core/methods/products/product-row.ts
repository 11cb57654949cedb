import type { Digits } from '../../numbers';
import {
  factsBeside,
  parting,
  seeing,
  stepOn,
  unwrittenAt,
  using,
  usingValues,
  type Get,
  type Replacement,
  type Step,
  type StepMore,
  type StepWords,
  type Wording
} from '../../working';

/** A number multiplied by one digit, written from the right with its carries. */
export interface ProductRow {
  readonly multiplicand: Digits;
  readonly m: number;
  /** What the names of its steps begin with: `row.1.`, or nothing. */
  readonly prefix: string;
  /** Place of the first figure. */
  readonly shift: number;
  /** What a digit or a carry at a place is called. */
  label(kind: 'digit' | 'carry', place: number): Wording;
}

/** What a column comes to, from the digits multiplied, the carry that comes in, and which column it is. */
export type RowTotal = (digit: bigint, m: bigint, carry: bigint, column: number) => bigint;

const usual: RowTotal = (digit, m, carry) => digit * m + carry;

/**
 * The steps of a row, each digit followed by the carry it holds; the leading total spills into a digit of
 * its own. `total` says how a column comes about, `more` what else is true of the digits.
 */
export function productSteps(
  row: ProductRow,
  total: RowTotal = usual,
  more: StepMore = {}
): Step[] {
  const { multiplicand, m, prefix, shift, label } = row;
  const last = multiplicand.length - 1;
  return multiplicand.flatMap((digit, column) => {
    const place = shift + column;
    const carryIn = column === 0 ? [] : [`${prefix}carry.${place}`];
    const sum = (carry = 0n) => total(BigInt(digit), BigInt(m), carry, column);
    const whole = usingValues<[bigint?]>(carryIn, (carry) => sum(carry));
    const parts = parting(`${prefix}total.${place}`, whole, 10n);
    const facts = (get: Get) => {
      const right = whole.rule(get);
      return typeof right === 'bigint' && digit > 1 && m > 1
        ? factsBeside(right, BigInt(m), BigInt(digit))
        : [];
    };
    const written = stepOn(`${prefix}digit.${place}`, parts.written, {
      facts,
      label: label('digit', place),
      says: (words) => multiplied(row, column, words),
      ...more,
      // The last total may be written whole in one square.
      ...(column === last && { accepts: (text, get) => text === whole.rule(get) })
    });
    if (column < last) {
      const says = ({ value, place: name }: StepWords) =>
        `Hold ${value} for the ${name(place + 1)}.`;
      const carry = { ...unwrittenAt(0n), label: label('carry', place + 1), says };
      return [written, stepOn(`${prefix}carry.${place + 1}`, parts.carried, carry)];
    }
    const spill = using([written.id, ...carryIn], (before, carry) =>
      before >= 10n ? 0n : sum(carry) / 10n
    );
    const says = ({ value, place: name }: StepWords) => `Write ${value} in the ${name(place + 1)}.`;
    const leading = {
      ...more,
      ...unwrittenAt(0n),
      total: parts.carried.total,
      label: label('digit', place + 1),
      says
    };
    return [written, stepOn(`${prefix}digit.${place + 1}`, spill, leading)];
  });
}

function multiplied(row: ProductRow, column: number, { value, of }: StepWords): string {
  const { multiplicand, m, prefix, shift } = row;
  const carry = column === 0 ? 0 : Number(of(`${prefix}carry.${shift + column}`));
  const digit = multiplicand[column]!;
  const held = carry > 0 ? ` + ${carry}` : '';
  return `${digit} × ${m}${held} = ${digit * m + carry}. Write ${value}.`;
}

/** The carries of a row, by place. */
export function carriesOf({ multiplicand, prefix, shift }: ProductRow): string[] {
  return multiplicand.slice(1).map((_, at) => `${prefix}carry.${shift + at + 1}`);
}

/** A digit times 0 is taken to be the digit. */
export const zeroTimesN: RowTotal = (digit, m, carry) =>
  (digit === 0n || m === 0n ? digit + m : digit * m) + carry;

/** The carry is added to the next digit, and the sum is multiplied. */
export const carryAddedFirst: RowTotal = (digit, m, carry) => (digit + carry) * m;

/** A step that is done with another carry than the one before it: that one and what stands at `mark`. */
export function withMark(step: Step, carry: string, mark: string): Replacement {
  const together = seeing(step.rule, carry, (get) => {
    const [own, old] = [get(carry), get(mark)];
    return typeof own === 'bigint' ? own + (typeof old === 'bigint' ? old : 0n) : own;
  });
  return { uses: [...step.uses, mark], rule: together };
}
