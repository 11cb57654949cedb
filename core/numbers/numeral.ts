/** What groups the digits of a numeral in threes: a space of any width, a comma, an apostrophe. */
const GROUPING = /(?<=\d)[\s,'\u2018\u2019\u02bc](?=\d{3}(?!\d))/g;

/** A numeral as it may be typed, without what groups its digits: `12 345` and `12,345` are `12345`. */
export function ungrouped(typed: string): string {
  return typed.trim().replace(GROUPING, '');
}
