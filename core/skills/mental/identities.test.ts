import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../../catalogue/all';
import { itemsUnder, skillOf, WorkedItem } from '../../skill';
import { ANSWER } from '../../working';

/** The identities behind the strategies, each over the whole space of its skill, by BigInt. Common practice. */

function* allOf(id: string, controls = {}) {
  const skill = skillOf(id);
  const { count, at } = itemsUnder(skill, controls).ranked();
  for (let rank = 0n; rank < count; rank++) {
    const given = at(rank);
    for (const school of Object.keys(skill.schools)) {
      yield { given, answer: new WorkedItem(skill, given, school).key.get(ANSWER) };
    }
  }
}

test('products within 30 of a base: (B + d)(B + e) = B(B + d + e) + de, and squares', () => {
  let count = 0;
  for (const { given, answer } of allOf('near-base-multiplication')) {
    const { left, right } = given as { left: string; right: string };
    assert.equal(answer, BigInt(left) * BigInt(right), `${left} x ${right}`);
    count++;
  }
  for (const { given, answer } of allOf('near-base-square')) {
    const { number } = given as { number: string };
    assert.equal(answer, BigInt(number) ** 2n, number);
  }
  // Of each base the pairs within 30 of it, without the base itself, above it together, and above 0.
  let listed = 0;
  for (const base of [10, 20, 30, 40, 50, 60, 70, 80, 90, 100, 1000])
    for (let left = Math.max(1, base - 30); left <= base + 30; left++)
      for (let right = Math.max(1, base - 30); right <= base + 30; right++)
        if (left !== base && right !== base && left + right > base) listed++;
  assert.equal(count, listed);
});

test('cubes of 11 to 199: the last digit and the bracket give the root', () => {
  const roots = [...allOf('exact-cube-root')].map(({ given, answer }) => {
    assert.equal((answer as bigint) ** 3n, BigInt((given as { cube: string }).cube));
    return Number(answer);
  });
  assert.deepEqual(
    roots,
    Array.from({ length: 189 }, (_, at) => 11 + at)
  );
});

test('reversed pairs, near doubles, complements and doublings are what adding, taking away and doubling give', () => {
  const sum = (numbers: readonly string[]) => numbers.reduce((all, one) => all + BigInt(one), 0n);
  for (const id of ['reversed-pair', 'near-doubles']) {
    const controls = id === 'near-doubles' ? { digits: { max: 3 } } : {};
    for (const { given, answer } of allOf(id, controls)) {
      const { addends } = given as { addends: string[] };
      assert.equal(answer, sum(addends), addends.join(' + '));
    }
  }
  for (const { given, answer } of allOf('complement', { targetDigits: { max: 4 } })) {
    const { target, number } = given as { target: string; number: string };
    assert.equal(answer, BigInt(target) - BigInt(number), `${target} - ${number}`);
  }
  for (const { given, answer } of allOf('doubling', { digits: { max: 4 } })) {
    const { number } = given as { number: string };
    assert.equal(answer, 2n * BigInt(number), number);
  }
});

test('halving and doubling back, or to the other, keeps the product; every part and bridge comes to the sum', () => {
  const skill = skillOf('double-and-halve');
  for (let left = 2; left <= 999; left += 7) {
    for (let right = 2; right <= 999; right += 11) {
      const given = { left: String(left), right: String(right) };
      for (const school of Object.keys(skill.schools)) {
        const answer = new WorkedItem(skill, given, school).key.get(ANSWER);
        assert.equal(answer, BigInt(left * right), `${left} x ${right}`);
      }
    }
  }
  for (const id of ['partition-addition', 'bridge-addition']) {
    const addends = id === 'bridge-addition' ? { addends: 2 } : {};
    for (const { given, answer } of allOf(id, { ...addends, digits: { max: 2 } })) {
      const [one, other] = (given as { addends: string[] }).addends;
      assert.equal(answer, BigInt(one!) + BigInt(other!), `${one} + ${other}`);
    }
  }
});
