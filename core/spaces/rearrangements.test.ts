import assert from 'node:assert/strict';
import { test } from 'node:test';
import { cycleTypes } from './rearrangements';
import { permutations } from './spaces.test-helper';

/** The lengths of the cycles of a permutation of 0 .. n-1, longest first. */
function cycleLengths(permutation: readonly number[]): string {
  const seen = new Set<number>();
  const lengths = permutation.flatMap((_, start) => {
    let length = 0;
    for (let at = start; !seen.has(at); at = permutation[at]!, length++) seen.add(at);
    return length > 0 ? [length] : [];
  });
  return lengths.sort((one, other) => other - one).join();
}

test('cycle types and their sizes are those of a list of all rearrangements', () => {
  for (let n = 0; n <= 6; n++) {
    const listed = new Map<string, bigint>();
    for (const permutation of permutations(Array.from({ length: n }, (_, at) => at))) {
      const type = cycleLengths(permutation);
      listed.set(type, (listed.get(type) ?? 0n) + 1n);
    }
    const told = cycleTypes(n).map(({ cycles, size }) => {
      const lengths = cycles.flatMap(({ length, groups }) => Array<number>(groups).fill(length));
      return [lengths.sort((one, other) => other - one).join(), size] as const;
    });
    assert.deepEqual(new Map(told), listed, `${n} things`);
    assert.equal(told.length, listed.size);
  }
});
