import { parseDigits, type Digits } from '../../../numbers';

/** Fewest and most addends, and digits of each. */
export const ADDENDS = [2, 6] as const;
export const DIGITS = [1, 12] as const;

export interface Given {
  readonly addends: readonly string[];
}

/** Digits of each addend, least significant first; the numerals must belong to the base. */
export function addendDigits({ addends }: Given, base: number): Digits[] {
  return addends.map((numeral) => {
    const digits = parseDigits(numeral, base);
    if (!digits) throw new RangeError(`addendDigits: '${numeral}' is no numeral in base ${base}`);
    return digits;
  });
}

/** The digits that stand under each other, ones first; shorter addends have none in the later columns. */
export function columnsOf(addends: readonly Digits[]): number[][] {
  const width = Math.max(...addends.map((digits) => digits.length));
  return Array.from({ length: width }, (_, place) =>
    addends.flatMap((digits) => (place < digits.length ? [digits[place]!] : []))
  );
}

/** As {@link columnsOf}, but with the addends lined up at the left. */
export function leftAlignedColumns(addends: readonly Digits[]): number[][] {
  const width = Math.max(...addends.map((digits) => digits.length));
  return columnsOf(
    addends.map((digits) => [...Array<number>(width - digits.length).fill(0), ...digits])
  );
}

export const total = (column: readonly number[]): number =>
  column.reduce((sum, digit) => sum + digit, 0);
