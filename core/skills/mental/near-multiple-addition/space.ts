import { classItems, type ItemSpace } from '../../../spaces';
import type { Wanted } from '../../../skill/request';
import type { Given } from '../../../methods/in-the-head/compensation';
import { nearMultiple } from '../../../methods/in-the-head/near-multiple';
import { countUpTo, residueAt } from '../../../methods/in-the-head/residues';

const MOST_DIGITS = 6;

/** Changes that are worked alike: one of up to three digits, or those of a length with the same last three. */
interface Changes {
  readonly digits: number;
  readonly count: number;
  at(index: number): number;
}

const small = Array.from({ length: 999 }, (_, at): Changes => ({
  digits: String(at + 1).length,
  count: 1,
  at: () => at + 1
}));
const large = [4, 5, 6].flatMap((digits) =>
  Array.from({ length: 1000 }, (_, rest): Changes => {
    const least = 10 ** (digits - 4);
    return { digits, count: 9 * least, at: (index) => (least + index) * 1000 + rest };
  })
);
const changes = [...small, ...large].map((own) => ({ ...own, near: nearMultiple(own.at(0)) }));

/** All items that are wanted: a start of some length, and a change; both pass a multiple of the base or do not. */
export function items(wanted: Wanted): ItemSpace<Given> {
  const split = (key: number) => {
    const [digits, rest] = [1 + Math.floor(key / changes.length / 2), key % (2 * changes.length)];
    return { digits, crosses: rest % 2 === 1, change: changes[rest >> 1]! };
  };
  const told = (key: number) => {
    const { digits, crosses, change } = split(key);
    const { base, offset, suited } = change.near;
    return { digits, changeDigits: change.digits, crosses, base, offset, suited };
  };
  /** How far starts are beyond a multiple of the base. */
  const beyonds = (key: number) => {
    const { crosses, change } = split(key);
    const { base } = change.near;
    const passes = base - (change.at(0) % base);
    return crosses
      ? { base, from: passes, to: base }
      : { base, from: 0, to: Math.min(passes, base) };
  };
  const startsBefore = (key: number) => countUpTo(10 ** (split(key).digits - 1) - 1, beyonds(key));
  const starts = (key: number) =>
    countUpTo(10 ** split(key).digits - 1, beyonds(key)) - startsBefore(key);
  return classItems({
    size: MOST_DIGITS * changes.length * 2,
    weight: (key) => (wanted.meets(told(key)) ? starts(key) * split(key).change.count : 0),
    member(key, index) {
      const { count, at } = split(key).change;
      const start = residueAt(startsBefore(key) + Math.floor(index / count), beyonds(key));
      return { start: String(start), change: String(at(index % count)) };
    },
    features: told
  });
}
