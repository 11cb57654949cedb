import assert from 'node:assert/strict';
import { test } from 'node:test';
import { skillOf, Wanted } from '../../../skill';
import type { Constraints } from '../../../skill/controls';
import { numbersFrom, sized } from '../../../skill/space-checks.test-helper';
import { checkSmallSpace } from '../../../catalogue/skill-checks.test-helper';

/** Sums of three of which two make a hundred: the partners of each number, in each place. */
function compatible(): object[] {
  const all = numbersFrom(10, 90).flatMap((one) =>
    numbersFrom(10, 99).flatMap((third) => [
      [one, 100 - one, third],
      [one, third, 100 - one],
      [third, one, 100 - one]
    ])
  );
  return [...new Set(all.map((numbers) => numbers.join()))].map((text) => ({
    addends: text.split(',')
  }));
}

checkSmallSpace('compatible-addition', {
  within: { addends: sized(3, 3), pairs: sized(1, 3) },
  tried: compatible
});

test('sums of more numbers are counted as a slow search counts a part of them', () => {
  // Of four numbers two are held fixed, so that the rest can be listed: the space is asked for all, by inclusion.
  const skill = skillOf('compatible-addition');
  const rank = (asked: Constraints) => skill.items(new Wanted(skill.features, asked));
  const all = { addends: sized(4, 4) };
  assert.equal(rank(all).count, 90n ** 4n);
  const parts = numbersFrom(0, 2).map(
    (count) => rank({ ...all, pairs: sized(count, count) }).count
  );
  assert.equal(
    parts.reduce((sum, count) => sum + count, 0n),
    90n ** 4n
  );
  // Two pairs of four: the partners of two numbers, in each of three ways, those counted twice taken off.
  const twoPairs = BigInt(countTwoPairs());
  assert.equal(parts[2], twoPairs);
});

/** Sequences of four numbers of two digits that fall into two pairs of a hundred, listed by their first pair. */
function countTwoPairs(): number {
  let found = 0;
  for (const a of numbersFrom(10, 99))
    for (const b of numbersFrom(10, 99))
      for (const c of numbersFrom(10, 99)) {
        const sums = new Set<number>();
        if (a + b === 100) sums.add(100 - c);
        if (a + c === 100) sums.add(100 - b);
        if (b + c === 100) sums.add(100 - a);
        found += [...sums].filter((d) => d >= 10 && d <= 99).length;
      }
  return found;
}
