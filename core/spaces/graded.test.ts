import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { BitIndex } from './bit-index';
import {
  gradedOne,
  gradedProduct,
  gradedTimes,
  gradedUnion,
  regraded,
  UNWANTED,
  type Graded,
  type Join
} from './graded';
import { Grades } from './grades';
import { weightedSpace } from './weighted';

/** A graded set beside the plain list of its members with their grades. */
interface Listed {
  readonly set: Graded<string>;
  readonly list: readonly (readonly [grade: number, member: string])[];
}

const MOST = 6;

/** Grades are sizes here; two together are unwanted if they add up to 4. */
const join: Join = {
  sizeOf: (grade) => grade,
  most: MOST,
  together: (first) => (second) => (first + second === 4 ? UNWANTED : first + second)
};

const one = fc
  .tuple(fc.integer({ min: 0, max: 3 }), fc.string({ unit: fc.constantFrom('a', 'b', 'c') }))
  .map(([grade, member]): Listed => ({ set: gradedOne(grade, member), list: [[grade, member]] }));

const unions = (parts: fc.Arbitrary<Listed>) =>
  fc.array(parts, { maxLength: 4 }).map((listed): Listed => ({
    set: gradedUnion(listed.map(({ set }) => set)),
    list: listed.flatMap(({ list }) => list)
  }));

const products = (parts: fc.Arbitrary<Listed>) =>
  fc.tuple(parts, parts).map(([first, second]): Listed => ({
    set: gradedProduct(first.set, second.set, join, (a, b) => `${a}.${b}`),
    list: first.list.flatMap(([a, left]) =>
      second.list.flatMap(([b, right]) =>
        a + b > MOST || a + b === 4 ? [] : [[a + b, `${left}.${right}`] as const]
      )
    )
  }));

const versions = (parts: fc.Arbitrary<Listed>) =>
  fc.tuple(parts, fc.integer({ min: 0, max: 3 })).map(([{ set, list }, ways]): Listed => ({
    set: gradedTimes(set, ways, (member, index) => `${member}${index}`),
    list: list.flatMap(([grade, member]) =>
      Array.from({ length: ways }, (_, index) => [grade, `${member}${index}`] as const)
    )
  }));

const halved = (parts: fc.Arbitrary<Listed>) =>
  parts.map(({ set, list }): Listed => {
    const half = (grade: number) => (grade === 5 ? UNWANTED : Math.floor(grade / 2));
    return {
      set: regraded(set, half),
      list: list.flatMap(([grade, member]) => (grade === 5 ? [] : [[half(grade), member]]))
    };
  });

test('graded sets built up in any way count and rank what the plain lists hold', () => {
  const sums = unions(one);
  const built = fc.oneof(
    products(sums),
    versions(products(sums)),
    halved(products(sums)),
    unions(fc.oneof(versions(sums), halved(sums), products(sums)))
  );
  fc.assert(
    fc.property(built, ({ set, list }) => {
      const counted = [...set.counts].filter(([, count]) => count > 0n);
      const members = (grade: number) =>
        list.flatMap(([other, member]) => (other === grade ? [member] : []));
      const grades = [...new Set(list.map(([grade]) => grade))];
      assert.deepEqual(
        new Map(counted),
        new Map(grades.map((grade) => [grade, BigInt(members(grade).length)]))
      );
      for (const [grade, count] of counted) {
        const ranked = Array.from({ length: Number(count) }, (_, rank) =>
          set.at(grade, BigInt(rank))
        );
        assert.deepEqual(ranked.sort(), members(grade).sort());
      }
    })
  );
});

test('grades read back the counts they were packed from, and add up as the counts do', () => {
  const grades = new Grades({ a: 4, b: 1, c: 7 });
  const counts = fc.record({
    a: fc.integer({ min: 0, max: 1 }),
    b: fc.integer({ min: 0, max: 5 }),
    c: fc.integer({ min: 0, max: 3 })
  });
  fc.assert(
    fc.property(counts, counts, (first, second) => {
      assert.deepEqual(grades.read(grades.pack(first)), { ...first, b: 0 });
      const both = grades.read(grades.pack(first) + grades.pack(second));
      assert.deepEqual(both, { a: first.a + second.a, b: 0, c: first.c + second.c });
    })
  );
});

test('a weighted space runs through every member of every key, and refuses other ranks', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 5 }), { maxLength: 12 }), (weights) => {
      const space = weightedSpace(weights, (key, index) => `${key}/${index}`);
      const ranked = Array.from({ length: Number(space.count) }, (_, rank) =>
        space.at(BigInt(rank))
      );
      const listed = weights.flatMap((weight, key) =>
        Array.from({ length: weight }, (_, index) => `${key}/${index}`)
      );
      assert.deepEqual(ranked, listed);
      assert.throws(() => space.at(space.count), RangeError);
      assert.throws(() => space.at(-1n), RangeError);
    })
  );
});

test('a set of bits gives its members in rising order, across the words and blocks it is kept in', () => {
  const sets = fc.uniqueArray(fc.integer({ min: 0, max: 1999 }), { maxLength: 400 });
  fc.assert(
    fc.property(sets, (members) => {
      const bits = new BitIndex(2000);
      members.forEach((member) => bits.add(member));
      assert.equal(bits.count, members.length);
      assert.deepEqual(
        members.map((_, index) => bits.at(index)),
        members.toSorted((a, b) => a - b)
      );
      assert.throws(() => bits.at(members.length), RangeError);
    })
  );
});
