import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../../catalogue/all';
import { skillOf, Wanted } from '../../skill';
import type { Constraints } from '../../skill/controls';
import {
  countsAsMeasured,
  combinationsAsMeasured,
  ranksAsListed
} from '../../skill/space-checks.test-helper';

/** The spaces of mental skills against lists of all items that are small, made by the schema alone. */
interface Small {
  readonly within: Constraints;
  /** Whatever might be an item; what the schema does not take is none. */
  readonly tried: () => Iterable<object>;
  /** Items of more than this many are not ranked one by one. */
  readonly ranked?: Constraints;
}

const upTo = (least: number, most: number) =>
  Array.from({ length: most - least + 1 }, (_, at) => least + at);
const pairs = (numbers: readonly number[]) =>
  numbers.flatMap((one) => numbers.map((other) => [String(one), String(other)] as const));
const number = (min: number, max: number) => ({ min, max });

/** Sums of three of which two make a hundred: the partners of each number, in each place. */
function compatible(): object[] {
  const all = upTo(10, 90).flatMap((one) =>
    upTo(10, 99).flatMap((third) => [
      [one, 100 - one, third],
      [one, third, 100 - one],
      [third, one, 100 - one]
    ])
  );
  return [...new Set(all.map((numbers) => numbers.join()))].map((text) => ({
    addends: text.split(',')
  }));
}

const small: Readonly<Record<string, Small>> = {
  'partition-addition': {
    within: { digits: number(1, 2) },
    tried: () => pairs(upTo(1, 99)).map((addends) => ({ addends: [...addends] }))
  },
  'bridge-addition': {
    within: { digits: number(1, 2), addends: number(2, 2) },
    tried: () => pairs(upTo(1, 99)).map((addends) => ({ addends: [...addends] }))
  },
  'near-multiple-addition': {
    within: { digits: number(1, 1), changeDigits: number(1, 3) },
    tried: () =>
      upTo(1, 9).flatMap((start) =>
        upTo(1, 999).map((change) => ({ start: String(start), change: String(change) }))
      ),
    ranked: { digits: number(1, 1), changeDigits: number(2, 2) }
  },
  complement: {
    within: { targetDigits: number(2, 4) },
    tried: () =>
      [10, 100, 1000]
        .flatMap((power) => upTo(1, 9).map((digit) => digit * power))
        .flatMap((target) =>
          upTo(1, target).map((one) => ({ target: String(target), number: String(one) }))
        ),
    ranked: { targetDigits: number(2, 3) }
  },
  'near-doubles': {
    within: { digits: number(2, 2) },
    tried: () => pairs(upTo(1, 99)).map((addends) => ({ addends: [...addends] }))
  },
  'reversed-pair': {
    within: {},
    tried: () => pairs(upTo(10, 99)).map((addends) => ({ addends: [...addends] }))
  },
  'compatible-addition': {
    within: { addends: number(3, 3), pairs: number(1, 3) },
    tried: compatible
  },
  doubling: {
    within: { digits: number(2, 4) },
    tried: () => upTo(10, 9999).map((one) => ({ number: String(one) }))
  },
  'near-base-multiplication': {
    within: { base: number(90, 1000) },
    tried: () =>
      [90, 100, 1000].flatMap((base) =>
        pairs(upTo(base - 31, base + 31)).map(([left, right]) => ({ left, right, base }))
      ),
    ranked: { base: number(100, 100) }
  },
  'near-base-square': {
    within: {},
    tried: () =>
      [...upTo(1, 9).map((tens) => 10 * tens), 100, 1000].flatMap((base) =>
        upTo(1, 1040).map((one) => ({ number: String(one), base }))
      )
  },
  'repunit-multiplication': {
    within: { digits: number(2, 3) },
    tried: () =>
      upTo(10, 999).flatMap((one) =>
        ['11', '111', '1111'].map((repunit) => ({ multiplicand: String(one), repunit }))
      )
  },
  'choose-way': {
    within: { digits: number(2, 2) },
    // Which number stands first is settled by whether their sum is odd.
    tried: () =>
      ['addition', 'subtraction', 'multiplication'].flatMap((operation) =>
        pairs(upTo(10, 99))
          .filter(([one, other]) => {
            const isTurned = operation !== 'subtraction' && (Number(one) + Number(other)) % 2 === 1;
            return isTurned ? Number(one) <= Number(other) : Number(one) >= Number(other);
          })
          .map((operands) => ({ operation, operands: [...operands] }))
      )
  },
  'exact-cube-root': {
    within: {},
    tried: () => upTo(1, 250).map((root) => ({ cube: String(root ** 3) }))
  }
};

for (const [id, { within, tried, ranked = within }] of Object.entries(small)) {
  test(`${id}: counts, combinations and ranks are those of all small items`, () => {
    const skill = skillOf(id);
    const isWanted = new Wanted(skill.features, within);
    const space = (wanted: Wanted) => skill.items(wanted);
    const items = [...tried()].filter(
      (given) => skill.given.schema.safeParse(given).success && isWanted.meets(skill.measure(given))
    );
    const { features: specs, measure } = skill;
    countsAsMeasured({ specs, items, measure, within, space });
    const names = skill.features.map((feature) => feature.id);
    combinationsAsMeasured(space(isWanted), names, items.map(measure));
    const few = new Wanted(specs, ranked);
    const listed = items.filter((given) => few.meets(measure(given)));
    ranksAsListed(space(few), listed, skill.given.print);
    const different = new Set(listed.map((given) => skill.orderless(given)));
    assert.equal(space(few).usable, BigInt(different.size), 'usable');
  });
}

test('double-and-halve: the space is all pairs, and what is asked of them holds of those that a walk finds', () => {
  const skill = skillOf('double-and-halve');
  assert.equal(skill.items(new Wanted(skill.features)).count, 998n * 998n);
  const controls = { suited: true, halvings: number(2, 2), doublingCarries: number(1, 2) };
  const wanted = new Wanted(skill.features, controls);
  const listed = pairs(upTo(2, 999))
    // Both end at ten or less after two halvings.
    .filter(([left, right]) => Number(left) <= 40 && Number(right) <= 40)
    .map(([left, right]) => ({ left, right }))
    .filter((given) => wanted.meets(skill.measure(given)));
  ranksAsListed(skill.items(wanted), listed, skill.given.print);
});

test('sums of more numbers are counted as a slow search counts a part of them', () => {
  // Of four numbers two are held fixed, so that the rest can be listed: the space is asked for all, by inclusion.
  const skill = skillOf('compatible-addition');
  const rank = (asked: Constraints) => skill.items(new Wanted(skill.features, asked));
  const all = { addends: number(4, 4) };
  assert.equal(rank(all).count, 90n ** 4n);
  const parts = upTo(0, 2).map((count) => rank({ ...all, pairs: number(count, count) }).count);
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
  for (const a of upTo(10, 99))
    for (const b of upTo(10, 99))
      for (const c of upTo(10, 99)) {
        const sums = new Set<number>();
        if (a + b === 100) sums.add(100 - c);
        if (a + c === 100) sums.add(100 - b);
        if (b + c === 100) sums.add(100 - a);
        found += [...sums].filter((d) => d >= 10 && d <= 99).length;
      }
  return found;
}

test('bridging three numbers: what does not count twice is what a list of short ones has', () => {
  const skill = skillOf('bridge-addition');
  const wanted = new Wanted(skill.features, {
    addends: number(3, 3),
    digits: number(1, 1),
    makesTen: false
  });
  const listed = upTo(1, 9).flatMap((one) =>
    pairs(upTo(1, 9)).map(([other, third]) => ({ addends: [String(one), other, third] }))
  );
  const items = listed.filter(
    (given) => skill.given.schema.safeParse(given).success && wanted.meets(skill.measure(given))
  );
  ranksAsListed(skill.items(wanted), items, skill.given.print);
  const different = new Set(items.map((given) => skill.orderless(given)));
  assert.equal(skill.items(wanted).usable, BigInt(different.size));
});
