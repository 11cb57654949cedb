import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { usualAdvice } from '../../house-style';
import {
  BASES,
  besideBase,
  deviationMeant,
  FURTHEST,
  isOverlapping,
  isPadded,
  isPower,
  nearestBase,
  suitingDistance,
  writtenOn
} from './near-base';
import { isBeside, nearMultiple, nearWords } from './near-multiple';
import { countUpTo, residueAt, type Residues } from './residues';
import { ANSWER } from '../../working';

const residues = fc
  .tuple(fc.integer({ min: 1, max: 12 }), fc.nat(11), fc.nat(11))
  .map(([base, one, other]): Residues => {
    const [from, to] = [one % base, other % base].toSorted((a, b) => a - b) as [number, number];
    return { base, from, to: to + 1 };
  });

test('numbers by their residues are counted and ranked as a list of them is', () => {
  fc.assert(
    fc.property(residues, fc.integer({ min: -3, max: 60 }), (of, number) => {
      const listed = Array.from({ length: Math.max(0, number + 1) }, (_, one) => one).filter(
        (one) => one % of.base >= of.from && one % of.base < of.to
      );
      assert.equal(countUpTo(number, of), listed.length);
      listed.forEach((one, place) => assert.equal(residueAt(place, of), one));
    })
  );
});

/** The multiple by the words of the catalogue: bases from the largest, each within its own distance, ties upward. */
function slowly(change: number) {
  const { nearThousand, nearHundred, nearTen } = usualAdvice;
  for (const [base, within] of [
    [1000, nearThousand],
    [100, nearHundred],
    [10, nearTen]
  ] as const) {
    const around = [Math.floor(change / base) * base, Math.floor(change / base) * base + base];
    const [best] = around
      .filter((multiple) => multiple > 0)
      .toSorted((one, other) => Math.abs(change - one) - Math.abs(change - other) || other - one);
    const offset = change - best!;
    if (offset !== 0 && Math.abs(offset) <= within) return { base, multiple: best, offset };
  }
  return undefined;
}

test('the multiple of every change below 10,000 is the one that a slow search by the words finds', () => {
  for (let change = 1; change < 10_000; change++) {
    const { suited, ...near } = nearMultiple(change);
    const found = slowly(change);
    assert.equal(suited, found !== undefined, `${change}`);
    if (found) assert.deepEqual(near, found, `${change}`);
    else assert.equal(near.base, 10, `${change}`);
    assert.equal(near.multiple + near.offset, change);
    assert.ok(near.multiple > 0 && near.multiple % near.base === 0);
    const words = nearWords(String(change), usualAdvice);
    assert.equal(words.includes('not within'), !suited, words);
  }
});

test('a multiple beside a change is the next above or below it, of ten, a hundred or a thousand', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 3000 }),
      fc.integer({ min: -50, max: 4000 }),
      (change, one) => {
        const beside = [10, 100, 1000].flatMap((base) => {
          const below = change - (change % base);
          return [below, below + base];
        });
        assert.equal(isBeside(BigInt(one), BigInt(change)), one > 0 && beside.includes(one));
      }
    )
  );
});

test('numbers are worked from the base that both are nearest to, of those they can be worked from', () => {
  const isItem = (...all: number[]) => {
    const base = all.at(-1)!;
    return all.slice(0, -1).every((number) => besideBase(number, base));
  };
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 1040 }),
      fc.integer({ min: 1, max: 1040 }),
      (one, other) => {
        const found = nearestBase([one, other], isItem);
        const possible = BASES.filter((base) =>
          [one, other].every((number) => number !== base && Math.abs(number - base) <= FURTHEST)
        );
        const away = (base: number) => Math.abs(one - base) + Math.abs(other - base);
        assert.equal(found === undefined, possible.length === 0);
        if (found === undefined) return;
        for (const base of possible) {
          assert.ok(away(found) < away(base) || (away(found) === away(base) && found >= base));
        }
      }
    )
  );
  assert.equal(suitingDistance({ ...usualAdvice, tables: 10 }), 15);
  assert.equal(suitingDistance({ ...usualAdvice, tables: 20 }), 20);
});

test('the product of deviations is padded or carried over by the zeros of the base', () => {
  // 97 x 98 is 95|06: padded. 88 x 91 is 79|108: carried.
  assert.deepEqual([isPadded(100, 6), isPadded(100, 12), isPadded(100, -6)], [true, false, true]);
  assert.deepEqual(
    [isOverlapping(100, 108), isOverlapping(100, 99), isOverlapping(100, -100)],
    [...[true, false, true]]
  );
  assert.deepEqual([10, 20, 100, 1000].map(isPower), [true, false, true, true]);
  const joined = (base: number, product: number) =>
    writtenOn<null>(isPadded, () => ({ base, product }), ['head', 'tail'])(null);
  assert.equal(joined(20, 6), undefined);
  assert.equal(joined(100, -6), undefined);
  assert.equal(joined(100, 12), undefined);
  const replaced = joined(100, 6)![ANSWER]!;
  assert.deepEqual(replaced.uses, ['head', 'tail']);
  assert.equal(
    replaced.rule((id) => (id === 'head' ? 95n : 6n)),
    956n
  );
});

test('a deviation may be written without its sign where it is below the base', () => {
  assert.equal(deviationMeant(3n, -3n), -3n);
  assert.equal(deviationMeant(3n, 3n), 3n);
  assert.equal(deviationMeant(4n, -3n), 4n);
  assert.equal(deviationMeant(-3n, 3n), -3n);
  assert.equal(deviationMeant(3n, undefined), 3n);
});
