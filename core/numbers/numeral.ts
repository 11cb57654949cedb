/** What groups the digits of a numeral in threes, whatever its decimal mark: a space of any width, an apostrophe. */
const SPACES = "\\s'\\u2018\\u2019\\u02bc";

const grouping = (marks: string) => new RegExp(`(?<=\\d)[${marks}](?=\\d{3}(?!\\d))`, 'g');

/** A numeral as it may be typed, without the spaces that group its digits. */
export function unspaced(typed: string): string {
  return typed.trim().replace(grouping(SPACES), '');
}

/** A numeral as it may be typed, without what groups its digits: `12 345` and `12,345` are `12345`. */
export function ungrouped(typed: string): string {
  return typed.trim().replace(grouping(`${SPACES},`), '');
}
