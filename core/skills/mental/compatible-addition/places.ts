import { bitCount, choose } from '../../../spaces';
import type { Taken } from './nodes';

/** Places of a sum, as bits, that get the numbers of a node. */
export interface Places {
  readonly one: number;
  readonly other: number;
}

/** What a node takes of the places that are free: so many for each of its numbers, in so many ways. */
export interface Parting {
  readonly taken: Taken;
  /** What is still free: places as bits, or how many. */
  readonly rest: number;
  readonly ways: number;
  /** Neighbours among the places that make a hundred. */
  readonly adjacent: number;
  readonly places?: Places;
}

/** Every way to take some of a set of places. */
export function partingsOfPlaces(free: number, isOwnPartner: boolean): readonly Parting[] {
  return (isOwnPartner ? ofOwnPartners : ofPartners)[free]!;
}

/** Every way to take some of so many places, whichever they are. */
export function partingsOfCount(free: number): readonly Parting[] {
  return ofCounts[free]!;
}

const ofPartners = tableOf((one, other) => bitCount((one & (other >> 1)) | (other & (one >> 1))));
const ofOwnPartners = tableOf((one) => bitCount(one & (one >> 1)));

function tableOf(adjacent: (one: number, other: number) => number): readonly Parting[][] {
  return Array.from({ length: 64 }, (_, free) =>
    subsets(free).flatMap((one) =>
      subsets(free & ~one).map((other) => ({
        taken: { one: bitCount(one), other: bitCount(other) },
        rest: free & ~one & ~other,
        ways: 1,
        adjacent: adjacent(one, other),
        places: { one, other }
      }))
    )
  );
}

const ofCounts: readonly Parting[][] = Array.from({ length: 7 }, (_, free) =>
  upTo(free).flatMap((one) =>
    upTo(free - one).map((other) => ({
      taken: { one, other },
      rest: free - one - other,
      ways: Number(choose(free, one) * choose(free - one, other)),
      adjacent: 0
    }))
  )
);

function upTo(most: number): number[] {
  return Array.from({ length: most + 1 }, (_, at) => at);
}

/** All parts of a set of bits, the whole and the empty one among them. */
function subsets(set: number): number[] {
  const found: number[] = [];
  for (let part = set; ; part = (part - 1) & set) {
    found.push(part);
    if (part === 0) return found;
  }
}

/** The places of an index among all ways to take so many of those that are free. */
export function placesAt(free: number, { one, other }: Taken, index: number): Places {
  const others = Number(choose(bitCount(free) - one, other));
  const first = subsetAt(free, one, Math.floor(index / others));
  return { one: first, other: subsetAt(free & ~first, other, index % others) };
}

function subsetAt(set: number, size: number, index: number): number {
  return subsets(set).filter((part) => bitCount(part) === size)[index]!;
}
