import type { ErrorPattern } from '../../skill';
import { MOST_PLACES, paddedDecimals, partsOf, type Given, type Parts } from './numbers';
import { rankAmong } from './working';

/** What a pupil compares first, second ... of a number. */
type Keys = (parts: Parts) => readonly number[];

const places = ({ decimals }: Parts) => decimals.length;
const digits = ({ decimals }: Parts) => Number(decimals || '0');
const value = ({ decimals }: Parts) => paddedDecimals(decimals, MOST_PLACES);

/**
 * Ways of going wrong with the order of decimals. Longer-is-larger, shorter-is-larger and the zero rule are
 * the whole-number, fraction and zero rules of Resnick et al. (1989), named as by Steinle & Stacey (1998);
 * zeros-ignored, opposite-order and whole-part-ignored are common practice.
 */
export const errorPatterns: readonly ErrorPattern<Given>[] = [
  ordering('longer-is-larger', { longerTraps: { min: 1 } }, (parts) => [
    parts.whole,
    places(parts),
    digits(parts)
  ]),
  ordering('shorter-is-larger', { shorterTraps: { min: 1 } }, (parts) => [
    parts.whole,
    -places(parts),
    digits(parts)
  ]),
  ordering('zero-rule', { longerTraps: { min: 1 }, zeroTraps: { min: 1 } }, (parts) => [
    parts.whole,
    parts.decimals.startsWith('0') ? 0 : 1,
    places(parts),
    digits(parts)
  ]),
  ordering('zeros-ignored', { zeroTraps: { min: 1 }, sharedPrefix: 0 }, (parts) => [
    parts.whole,
    value({ ...parts, decimals: parts.decimals.replace(/^0+/, '') })
  ]),
  {
    id: 'opposite-order',
    shownBy: {},
    replacements: (given) => ranked(given, (parts) => [-parts.whole, -value(parts)])
  },
  ordering('whole-part-ignored', { integers: 0 }, (parts) => [value(parts), parts.whole])
];

function ordering(id: string, shownBy: ErrorPattern['shownBy'], keys: Keys): ErrorPattern<Given> {
  return { id, shownBy, replacements: (given) => ranked(given, keys) };
}

/** The ranks by the keys; undefined where two numbers have the same. */
function ranked({ numbers, order }: Given, keys: Keys): ReturnType<ErrorPattern['replacements']> {
  const direction = order === 'ascending' ? 1 : -1;
  const lists = numbers.map((number) => keys(partsOf(number)));
  const ranks = lists.map((_, at) => rankAmong(at, lists, (a, b) => direction * compare(a, b)));
  if (ranks.includes(undefined)) return undefined;
  return Object.fromEntries(
    ranks.map((rank, at) => [`rank.${at}`, { uses: [], rule: () => rank }])
  );
}

function compare(one: readonly number[], other: readonly number[]): number {
  const at = one.findIndex((key, i) => key !== other[i]);
  return at < 0 ? 0 : one[at]! - other[at]!;
}
