import {
  acceptsAny,
  automatonSpace,
  countEndings,
  countPaths,
  type Column,
  type DigitAutomaton
} from './automaton';
import { BitIndex } from './bit-index';
import { mapSpace, ranked, unionSpace, type Space } from './space';
import { weightedSpace } from './weighted';
import { spend } from './spending';
import { once } from './work';

/** Values of some features that occur together, and how many items have them. */
export interface Combination {
  readonly features: Told;
  readonly count: bigint;
}

export type Told = Readonly<Record<string, ToldValue>>;
type ToldValue = number | string | boolean | readonly ToldValue[];

/** All items that meet a request. Nothing is worked out before it is asked for, and nothing twice. */
export interface ItemSpace<T> {
  readonly count: bigint;
  readonly isEmpty: boolean;
  /** How many are left when those that differ only by order count once. */
  readonly usable: bigint;
  /** The items by rank, built once. */
  ranked(): Space<T>;
  /** Whether its items are looked at one by one to tell anything of them. */
  readonly isWalked: boolean;
  /** Which values of these features occur together, in one walk through the space. */
  combinations(names: readonly string[]): readonly Combination[];
}

/** How the parts of an item space are come by. */
export interface SpaceParts<T> {
  /** All that ranks need. */
  build(): Space<T>;
  /** The number alone, and whether there are any at all, where that costs less. */
  count?(): bigint;
  any?(): boolean;
  /** As the count if no two items differ only by order. */
  usable?(): bigint;
  readonly isWalked?: boolean;
  endings(names: readonly string[]): Iterable<Combination>;
}

/** A space from its parts. */
export function itemSpace<T>(parts: SpaceParts<T>): ItemSpace<T> {
  const space = once(() => parts.build());
  const count = once(() => parts.count?.() ?? space().count);
  const isEmpty = once(() => (parts.any ? !parts.any() : count() === 0n));
  const usable = once(() => parts.usable?.() ?? count());
  return {
    get count() {
      return count();
    },
    get isEmpty() {
      return isEmpty();
    },
    get usable() {
      return usable();
    },
    ranked: space,
    isWalked: parts.isWalked ?? false,
    combinations: (names) => together(parts.endings(names))
  };
}

/** Classes of items that are alike in all that is asked of them. */
export interface Classes<T> {
  /** Keys are whole numbers below this. */
  readonly size: number;
  /** Members of a class, 0 if it is not wanted. */
  weight(key: number): number;
  member(key: number, index: number): T;
  /** What all members of a class have in common. */
  features(key: number): Told;
  /** A class in parts, each with what its members have in common besides, where some names ask for it. */
  split?(key: number, names: readonly string[]): Iterable<readonly [more: Told, members: number]>;
  usable?(): bigint;
}

/** The space of the members of weighted classes. */
export function classItems<T>(classes: Classes<T>): ItemSpace<T> {
  const { size, weight, member, features, split, usable } = classes;
  function* wanted(): Generator<readonly [key: number, weight: number]> {
    for (let key = 0; key < size; key++) {
      spend(1);
      const members = weight(key);
      if (members > 0) yield [key, members];
    }
  }
  return itemSpace({
    build() {
      const weights = new Float64Array(size);
      for (const [key, members] of wanted()) weights[key] = members;
      return weightedSpace(weights, member);
    },
    count() {
      let sum = 0;
      for (const [, members] of wanted()) sum += members;
      return BigInt(sum);
    },
    any: () => !wanted().next().done,
    ...(usable && { usable }),
    *endings(names) {
      for (const [key, members] of wanted()) {
        for (const [more, count] of split?.(key, names) ?? [[{}, members] as const]) {
          const told = { ...features(key), ...more };
          yield { features: some(told, names), count: BigInt(count) };
        }
      }
    }
  });
}

/** Items that are few enough to be looked at one by one. */
export interface Index<T> {
  /** Keys are whole numbers below this. */
  readonly size: number;
  /** Visits the keys of all wanted items, each once, until a visit gives true. */
  walk(visit: (key: number) => boolean | void): void;
  item(key: number): T;
  features(key: number): Told;
  /** The same text for keys in which these features are the same, where that is sooner had than the features. */
  alike?(names: readonly string[]): (key: number) => string;
  usable?(): bigint;
}

/** The space of items that are listed, one bit for each key. */
export function indexItems<T>({
  size,
  walk,
  item,
  features,
  alike,
  usable
}: Index<T>): ItemSpace<T> {
  return itemSpace({
    isWalked: true,
    build() {
      const members = new BitIndex(size);
      walk((key) => members.add(key));
      return ranked(BigInt(members.count), (rank) => item(members.at(Number(rank))));
    },
    count() {
      let found = 0;
      walk(() => {
        found++;
      });
      return BigInt(found);
    },
    any() {
      let isFound = false;
      walk(() => (isFound = true));
      return isFound;
    },
    ...(usable && { usable }),
    endings(names) {
      const tallies = new Map<string, { features: Told; found: number }>();
      const idOf =
        alike?.(names) ?? ((key: number) => Object.values(some(features(key), names)).join());
      walk((key) => {
        spend(1);
        const id = idOf(key);
        const tally = tallies.get(id);
        if (tally) tally.found++;
        else tallies.set(id, { features: some(features(key), names), found: 1 });
      });
      return [...tallies.values()].map(({ features, found }) => ({
        features,
        count: BigInt(found)
      }));
    }
  });
}

/** The items of several spaces that have none in common. */
export function unionItems<T>(spaces: readonly ItemSpace<T>[]): ItemSpace<T> {
  const sum = (of: (space: ItemSpace<T>) => bigint) =>
    spaces.reduce((total, space) => total + of(space), 0n);
  return itemSpace({
    build: () => unionSpace(spaces.map((space) => space.ranked())),
    count: () => sum(({ count }) => count),
    any: () => spaces.some(({ isEmpty }) => !isEmpty),
    usable: () => sum(({ usable }) => usable),
    isWalked: spaces.some((space) => space.isWalked),
    *endings(names) {
      for (const space of spaces) yield* space.combinations(names);
    }
  });
}

/** Those of some features that are named. */
export function some(features: Told, names: readonly string[]): Told {
  return Object.fromEntries(names.map((name) => [name, features[name]!]));
}

/** Combinations of the same values put together. */
function together(endings: Iterable<Combination>): Combination[] {
  const found = new Map<string, { features: Told; count: bigint }>();
  for (const { features, count } of endings) {
    spend(1);
    if (count === 0n) continue;
    const id = Object.values(features).join();
    const same = found.get(id);
    if (same) same.count += count;
    else found.set(id, { features, count });
  }
  return [...found.values()];
}

/** An automaton over the columns of an item, which can write items and tell what its paths end with. */
export interface ItemAutomaton<Choice, T> extends DigitAutomaton<Choice> {
  write(path: readonly Column<Choice>[]): T;
  /** What is told of the paths that end with a code. */
  told(code: number): Told;
}

/**
 * The items an automaton accepts; `make` is asked for one that tells some features, or none. Where only several
 * automata together can tell them, each of a part of the items, `apart` gives those.
 */
export function automatonItems<Choice, T>(
  make: (told?: readonly string[]) => ItemAutomaton<Choice, T>,
  {
    apart = (told) => [make(told)],
    ...more
  }: Pick<SpaceParts<T>, 'usable' | 'count'> & {
    apart?: (told: readonly string[]) => readonly ItemAutomaton<Choice, T>[];
  } = {}
): ItemSpace<T> {
  return itemSpace({
    build() {
      const automaton = make();
      return mapSpace(automatonSpace(automaton), (path) => automaton.write(path));
    },
    count: () => countPaths(make()),
    any: () => acceptsAny(make()),
    *endings(names) {
      for (const telling of apart(names)) {
        for (const [code, count] of countEndings(telling)) {
          yield { features: some(telling.told(code), names), count };
        }
      }
    },
    ...more
  });
}
