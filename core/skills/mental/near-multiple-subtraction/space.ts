import { classItems, unionItems, type ItemSpace } from '../../../spaces';
import type { Wanted } from '../../../skill/request';
import { nearMultiple, type NearMultiple } from '../../../methods/in-the-head/near-multiple';
import { countUpTo, residueAt } from '../../../methods/in-the-head/residues';

/** Changes are worked alike every thousand from the second thousand on; the first differs, as multiples are positive. */
const near: readonly NearMultiple[] = Array.from({ length: 2000 }, (_, change) =>
  nearMultiple(change)
);
const nearOf = (change: number) => near[change < 2000 ? change : 1000 + (change % 1000)]!;

/** For each length of the start: every change, each with the starts of that length above it. */
export function items(wanted: Wanted): ItemSpace<{ start: string; change: string }> {
  const { min, max } = wanted.range('digits');
  const lengths = Array.from({ length: max - min + 1 }, (_, at) => min + at);
  return unionItems(lengths.map((digits) => itemsOf(digits, wanted)));
}

function itemsOf(digits: number, wanted: Wanted): ItemSpace<{ start: string; change: string }> {
  const [lowest, highest] = [10 ** (digits - 1), 10 ** digits - 1];
  const { min, max } = wanted.range('changeDigits');
  const first = 10 ** (min - 1);
  const left = wanted.range('answerDigits');
  const crosses = wanted.flag('crosses');
  const lowestStart = (change: number) => Math.max(lowest, change + 10 ** (left.min - 1));
  const highestStart = (change: number) => Math.min(highest, change + 10 ** left.max - 1);
  const isAsked = wanted.asks('base', 'offset', 'suited');
  const isWanted = near.map(({ base, offset, suited }) => wanted.meets({ base, offset, suited }));
  const isNear = (change: number) => isWanted[change < 2000 ? change : 1000 + (change % 1000)]!;
  /** The beyonds of a start that are wanted: how far it is beyond a multiple of the base of the change. */
  const beyonds = (change: number) => {
    const { base } = nearOf(change);
    if (crosses === undefined) return { base: 1, from: 0, to: 1 };
    return crosses ? { base, from: 0, to: change % base } : { base, from: change % base, to: base };
  };
  const startsUpTo = (number: number, change: number) => countUpTo(number, beyonds(change));
  const startOf = (change: number, index: number) =>
    residueAt(startsUpTo(lowestStart(change) - 1, change) + index, beyonds(change));
  return classItems({
    size: Math.max(0, Math.min(10 ** max, highest) - first),
    weight(key) {
      const change = first + key;
      if (isAsked && !isNear(change)) return 0;
      const upTo = startsUpTo(highestStart(change), change);
      return Math.max(0, upTo - startsUpTo(lowestStart(change) - 1, change));
    },
    member: (key, index) => ({
      start: String(startOf(first + key, index)),
      change: String(first + key)
    }),
    features(key) {
      const { base, offset, suited } = nearOf(first + key);
      return { digits, changeDigits: String(first + key).length, base, offset, suited };
    }
  });
}
