import { ungrouped } from './numeral';

/** Digits in a row, digits after the point, and characters altogether beyond which nothing that was written is read. */
export const MOST_DIGITS = 24;
export const MOST_PLACES = 12;
export const MOST_CHARACTERS = 200;

/**
 * Whether something written is too long to be read: no item has a number of more than 13 digits, and 24 stand where each
 * total of a column is written whole. The rules of a working are only ever given what is shorter.
 */
export function isTooLong(written: string): boolean {
  if (written.length <= MOST_PLACES) return false;
  if (written.length > MOST_CHARACTERS) return true;
  const text = ungrouped(written.normalize('NFKC'));
  return DIGITS.test(text) || PLACES.test(text);
}

const DIGITS = new RegExp(`\\d{${MOST_DIGITS + 1}}`);
const PLACES = new RegExp(`[.,]\\d{${MOST_PLACES + 1}}`);
