import type { RandomGenerator } from 'pure-rand/types/RandomGenerator';
import { uniformBigInt } from 'pure-rand/distribution/uniformBigInt';

/**
 * Yields different ranks below `population`, uniformly and without rejection: a Fisher-Yates shuffle of
 * 0 .. population-1 of which only the touched places are stored. Ends when the population is used up.
 * Source: Fisher & Yates shuffle in Durstenfeld's form (Communications of the ACM 7, 1964, algorithm 235).
 */
export function* distinctRanks(population: bigint, random: RandomGenerator): Generator<bigint> {
  const moved = new Map<bigint, bigint>();
  for (let place = 0n; place < population; place++) {
    const pick = uniformBigInt(random, place, population - 1n);
    yield moved.get(pick) ?? pick;
    moved.set(pick, moved.get(place) ?? place);
    moved.delete(place);
  }
}
