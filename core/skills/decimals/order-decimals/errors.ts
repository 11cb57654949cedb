import { constant, type Replacements } from '../../../working';
import { pattern } from '../../../skill/define';
import type { Controls } from '../../../skill/controls';
import { padded, partsOf, type Given, type Parts } from './numbers';
import { rankAmong } from './working';

/** What a pupil compares first, second ... of a number. */
type Keys = (parts: Parts) => readonly number[];

const digits = ({ decimals }: Parts) => Number(decimals || '0');

/**
 * Ways of going wrong with the order of decimals. Longer-is-larger, shorter-is-larger and the zero rule are
 * the whole-number, fraction and zero rules of Resnick et al. (1989), named as by Steinle & Stacey (1998);
 * zeros-ignored, opposite-order and whole-part-ignored are common practice.
 */
export const errorPatterns = {
  'longer-is-larger': ordering(
    'Longer is larger',
    'More decimal places are taken for a larger number.',
    { longerTraps: { min: 1 } },
    (parts) => [parts.whole, parts.decimals.length, digits(parts)]
  ),
  'shorter-is-larger': ordering(
    'Shorter is larger',
    'More decimal places are taken for a smaller number.',
    { shorterTraps: { min: 1 } },
    (parts) => [parts.whole, -parts.decimals.length, digits(parts)]
  ),
  'zero-rule': ordering(
    'Zero makes it smallest',
    'A 0 right after the point makes a number the smallest; else longer is larger.',
    { longerTraps: { min: 1 }, zeroTraps: { min: 1 } },
    (parts) => [
      parts.whole,
      parts.decimals.startsWith('0') ? 0 : 1,
      parts.decimals.length,
      digits(parts)
    ],
    ({ decimals }) => decimals.startsWith('0')
  ),
  'zeros-ignored': ordering(
    'Zeros ignored',
    'Zeros right after the point are not seen.',
    { zeroTraps: { min: 1 }, sharedPrefix: 0 },
    ({ whole, decimals }) => [whole, padded({ decimals: decimals.replace(/^0+/, '') })]
  ),
  'opposite-order': ordering(
    'Opposite order',
    'The numbers are put in the opposite order.',
    {},
    (parts) => [-parts.whole, -padded(parts)]
  ),
  'whole-part-ignored': ordering(
    'Whole part ignored',
    'Only what stands after the point is compared.',
    { integers: 0 },
    (parts) => [padded(parts), parts.whole]
  )
};

/** `cause` is what some number must have for the pattern to be at work at all. */
function ordering(
  title: string,
  reading: string,
  shownBy: Controls,
  keys: Keys,
  cause: (parts: Parts) => boolean = () => true
) {
  const instead = (given: Given) =>
    given.numbers.map(partsOf).some(cause) ? ranked(given, keys) : undefined;
  return pattern<Given>(title, reading, instead, shownBy);
}

/** The ranks by the keys; undefined where two numbers have the same. */
function ranked({ numbers, order }: Given, keys: Keys): Replacements | undefined {
  const direction = order === 'ascending' ? 1 : -1;
  const lists = numbers.map((number) => keys(partsOf(number)));
  const ranks = lists.map((_, at) => rankAmong(at, lists, (a, b) => direction * compare(a, b)));
  if (ranks.includes(undefined)) return undefined;
  return Object.fromEntries(ranks.map((rank, at) => [`rank.${at}`, constant(rank)]));
}

function compare(one: readonly number[], other: readonly number[]): number {
  const at = one.findIndex((key, i) => key !== other[i]);
  return at < 0 ? 0 : one[at]! - other[at]!;
}
