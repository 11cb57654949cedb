import { parseDecimal, unitsTo } from '.';

/** A decimal taken apart at its point; no decimals where it has none. */
export function partsOf(numeral: string): { readonly whole: string; readonly decimals: string } {
  const [whole = '', decimals = ''] = numeral.split('.');
  return { whole, decimals };
}

export const hasPoint = (numeral: string) => numeral.includes('.');

/** Decimal places that a numeral is written with. */
export const decimalsIn = (numeral: string) => partsOf(numeral).decimals.length;

/** The figures of a decimal without its point and the zeros it begins with. */
export const figuresOf = (numeral: string) => numeral.replace('.', '').replace(/^0+/, '');

/** Decimal places of the longest. */
export const placesOf = (numerals: readonly string[]) => Math.max(...numerals.map(decimalsIn));

/** Digits of the longest whole part. */
export const wholeDigitsOf = (numerals: readonly string[]) =>
  Math.max(...numerals.map((numeral) => partsOf(numeral).whole.length));

/** How many are written without a point. */
export const integersIn = (numerals: readonly string[]) =>
  numerals.filter((numeral) => !hasPoint(numeral)).length;

/** A decimal in units of 10^-places, in which it must fit: 0.5 to 3 places is 500. */
export function unitsAt(numeral: string, places: number): bigint {
  return unitsTo(parseDecimal(numeral)!, places);
}

/** Zeros at the end of so many units, as far as they stand right of the point. */
export function trailingZerosIn(units: bigint, places: number): number {
  return places > 0 && units % 10n === 0n ? 1 + trailingZerosIn(units / 10n, places - 1) : 0;
}
