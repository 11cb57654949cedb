/** What groups the digits of a numeral in threes, whatever its decimal mark: a space of any width, an apostrophe. */
const SPACES = "\\s'\\u2018\\u2019\\u02bc";

const grouping = (marks: string) => new RegExp(`(?<=\\d)[${marks}](?=\\d{3}(?!\\d))`, 'g');
const GROUPING_SPACES = grouping(SPACES);
const GROUPING = grouping(`${SPACES},`);

/** A numeral as it may be typed, without the spaces that group its digits. */
export function unspaced(typed: string): string {
  return typed.trim().replace(GROUPING_SPACES, '');
}

/** A numeral as it may be typed, without what groups its digits: `12 345` and `12,345` are `12345`. */
export function ungrouped(typed: string): string {
  return typed.trim().replace(GROUPING, '');
}

/** The number that figures make when they are read across: 1, 12 and 4 make 1124. Undefined where one is
 * missing or below 0. */
export function acrossFigures(figures: readonly unknown[]): bigint | undefined {
  const text = figures.join('');
  return figures.includes(undefined) || !/^\d+$/.test(text) ? undefined : BigInt(text);
}
