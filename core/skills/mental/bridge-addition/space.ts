import { classItems, type ItemSpace, type Told } from '../../../spaces';
import type { Wanted } from '../../../skill/request';
import { bridgeOf, gapTo } from './numbers';

const MOST = 9999;
const MOST_GIVEN = 30;

/** Numbers that bridge alike with any other: as long, as far below each multiple, with as much to give. */
interface Alike {
  readonly digits: number;
  readonly numbers: readonly number[];
}

const groups: readonly Alike[] = (() => {
  const found = new Map<string, { digits: number; numbers: number[] }>();
  for (let number = 1; number <= MOST; number++) {
    const digits = String(number).length;
    const [thousand, hundred] = [gapTo(1000, number), gapTo(100, number)];
    const key = [
      digits,
      thousand <= 30 ? thousand : 0,
      hundred <= 10 ? hundred : 0,
      gapTo(10, number),
      Math.min(number, MOST_GIVEN)
    ].join();
    const own = found.get(key);
    if (own) own.numbers.push(number);
    else found.set(key, { digits, numbers: [number] });
  }
  return [...found.values()];
})();

/** What a third addend adds to an item: its length; none for two addends. */
const thirds = [undefined, 1, 2, 3, 4] as const;
const thirdsOf = (digits: number | undefined) =>
  digits === undefined ? 1 : 9 * 10 ** (digits - 1);

/** What two groups come to; undefined where nothing is bridged. */
const bridges: readonly (Told | undefined)[] = groups.flatMap((one) =>
  groups.map((other): Told | undefined => {
    const bridge = bridgeOf(one.numbers[0]!, other.numbers[0]!);
    if (!bridge) return undefined;
    const { base, gap, makesTen, suited } = bridge;
    return { base, gap, makesTen, suited };
  })
);

const COUNT = groups.length;

/** All items that are wanted: two groups, and how long the third addend is. */
export function items(wanted: Wanted): ItemSpace<{ addends: string[] }> {
  const split = (key: number) => {
    const pair = Math.floor(key / thirds.length);
    return {
      bridge: bridges[pair],
      one: groups[Math.floor(pair / COUNT)]!,
      other: groups[pair % COUNT]!,
      third: thirds[key % thirds.length]
    };
  };
  const told = (key: number): Told => {
    const { bridge, one, other, third } = split(key);
    return {
      addends: third === undefined ? 2 : 3,
      digits: Math.max(one.digits, other.digits, third ?? 0),
      ...bridge
    };
  };
  return classItems({
    size: COUNT * COUNT * thirds.length,
    weight(key) {
      const { bridge, one, other, third } = split(key);
      return bridge && wanted.meets(told(key))
        ? one.numbers.length * other.numbers.length * thirdsOf(third)
        : 0;
    },
    member(key, index) {
      const { one, other, third } = split(key);
      const rest = Math.floor(index / thirdsOf(third));
      const pair = [
        one.numbers[Math.floor(rest / other.numbers.length)]!,
        other.numbers[rest % other.numbers.length]!
      ];
      const last = third === undefined ? [] : [10 ** (third - 1) + (index % thirdsOf(third))];
      return { addends: [...pair, ...last].map(String) };
    },
    features: told,
    usable: () => withoutOrder(wanted)
  });
}

/** How many items are left when those of the same addends count once. */
function withoutOrder(wanted: Wanted): bigint {
  const isBridged = bridges.map((bridge) => bridge !== undefined && wanted.meets(bridge));
  const isLong = [0, 1, 2, 3, 4].map((digits) => wanted.meets({ digits }));
  const digitsOf = groups.map(({ digits }) => digits);
  let found = 0;
  for (let one = 0; one < COUNT; one++) {
    for (let other = one; other < COUNT; other++) {
      const longest = Math.max(digitsOf[one]!, digitsOf[other]!);
      const isPair = isBridged[one * COUNT + other]!;
      if (isPair && isLong[longest] && wanted.meets({ addends: 2 })) found += together(one, other);
      if (!wanted.meets({ addends: 3 })) continue;
      for (let third = other; third < COUNT; third++) {
        if (!isLong[Math.max(longest, digitsOf[third]!)]) continue;
        // Any of them may be the one that is added last.
        const isAny = isPair || isBridged[one * COUNT + third] || isBridged[other * COUNT + third];
        if (isAny) found += together(one, other, third);
      }
    }
  }
  return BigInt(found);
}

/** Sets of numbers, repeated or not, with one of each of these groups, of which equal ones stand together. */
function together(...at: readonly number[]): number {
  let [product, run] = [1, 0];
  at.forEach((group, place) => {
    run = group === at[place - 1] ? run + 1 : 1;
    // Multisets of so many: n, then n (n + 1) / 2, then n (n + 1) (n + 2) / 6.
    product = (product * (groups[group]!.numbers.length + run - 1)) / run;
  });
  return product;
}
