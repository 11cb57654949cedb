/** Digits of a whole number, least significant first: `[7, 8, 4]` is 487. */
export type Digits = readonly number[];

const SYMBOLS = '0123456789abcdefghijklmnopqrstuvwxyz';

/** Smallest and largest base that has a symbol for each digit. */
export const BASES = { min: 2, max: 36 } as const;

/**
 * The digits of a numeral written in `base`, least significant first.
 * Returns undefined for anything that is not a plain numeral (sign, space, symbol outside the base).
 * `parseDigits('487')` is `[7, 8, 4]`.
 */
export function parseDigits(numeral: string, base = 10): number[] | undefined {
  const digits = [...numeral.toLowerCase()].map((symbol) => SYMBOLS.indexOf(symbol)).reverse();
  if (digits.length === 0 || digits.some((digit) => digit < 0 || digit >= base)) return undefined;
  return digits;
}

/** The numeral of `digits` in its base; the inverse of {@link parseDigits}. `printDigits([7, 8, 4])` is `'487'`. */
export function printDigits(digits: Digits): string {
  let numeral = '';
  for (const digit of digits) numeral = SYMBOLS[digit]! + numeral;
  return numeral;
}

/** The digits of a natural number in `base`; zero is `[0]`. */
export function toDigits(value: bigint, base = 10): number[] {
  if (value < 0n) throw new RangeError(`toDigits needs a natural number, got ${value}`);
  const radix = BigInt(base);
  const digits: number[] = [];
  for (let rest = value; rest > 0n; rest /= radix) digits.push(Number(rest % radix));
  return digits.length ? digits : [0];
}

/** The natural number with these digits; the inverse of {@link toDigits}. */
export function fromDigits(digits: Digits, base = 10): bigint {
  return digits.reduceRight((value, digit) => value * BigInt(base) + BigInt(digit), 0n);
}

/** The natural number that a numeral of the base stands for. */
export function valueIn(numeral: string, base = 10): bigint {
  return fromDigits(parseDigits(numeral, base) ?? [], base);
}

/** The numeral of a natural number in `base`. */
export function printNumber(value: bigint, base = 10): string {
  return printDigits(toDigits(value, base));
}

/** Digit at a place, 0 beyond the number's length. */
export function digitAt(digits: Digits, place: number): number {
  return digits[place] ?? 0;
}
