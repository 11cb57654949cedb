import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { RandomGenerator } from 'pure-rand/types/RandomGenerator';

export type { RandomGenerator };

/** Seeds are whole numbers from 0 to 2^32 - 1, so that they can be printed and typed again. */
export const LARGEST_SEED = 2 ** 32 - 1;

/** The generator that goes with a seed: the same numbers on every machine. */
export function seededRandom(seed: number): RandomGenerator {
  if (!Number.isInteger(seed) || seed < 0 || seed > LARGEST_SEED) {
    throw new RangeError(
      `seededRandom needs a whole number from 0 to ${LARGEST_SEED}, got ${seed}`
    );
  }
  return xoroshiro128plus(seed | 0);
}

/**
 * A seed for a part of something that has a seed, so that changing one part leaves the others as they were.
 * FNV-1a over the seed and the part's name (Fowler, Noll & Vo; 32 bit).
 */
export function partSeed(seed: number, part: string): number {
  let hash = 0x811c9dc5;
  for (const character of `${seed}/${part}`) {
    hash = Math.imul(hash ^ character.codePointAt(0)!, 0x01000193) >>> 0;
  }
  return hash;
}
