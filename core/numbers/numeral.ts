/** Spaces and commas that group the digits of a numeral in threes. */
const GROUPING = /(?<=\d)[ ,\u202f\u00a0](?=\d{3})/g;

/** A numeral as it may be typed, without what groups its digits: `12 345` and `12,345` are `12345`. */
export function ungrouped(typed: string): string {
  return typed.trim().replace(GROUPING, '');
}
