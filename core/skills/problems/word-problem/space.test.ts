import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '../../../house-style';
import { itemsUnder, Wanted, readControls, skillOf, type Controls } from '../../../skill';
import { problemsWith } from '.';
import { arithmeticSkills } from './arithmetic';
import { besideValues } from './plots';
import { givenOf, problemOf, World, type Problem } from './problem';
import type { WordProblem } from './problem-shape';
import { skill, tiny, world } from './sample.test-helper';
import { valuesIn, type Told } from './plot';
import { textOf } from './text';

const smallWorld = new World([tiny]);
const small = problemsWith(arithmeticSkills.map(skillOf), { told: [tiny] });

/** Every number of a told quantity, by its range alone. */
const allValues = (told: Told): number[] =>
  told.isMade
    ? valuesIn({ ...told, from: Math.ceil(told.from / told.step) * told.step })
    : valuesIn(told);

function* choices<T>(lists: readonly (readonly T[])[]): Generator<T[]> {
  if (lists.length === 0) yield [];
  else
    for (const one of lists[0]!) for (const rest of choices(lists.slice(1))) yield [one, ...rest];
}

function* arrangements<T>(list: readonly T[], size: number): Generator<T[]> {
  if (size === 0) yield [];
  else
    for (const one of list)
      for (const rest of arrangements(
        list.filter((other) => other !== one),
        size - 1
      ))
        yield [one, ...rest];
}

/** Every problem of the small world, found by trying all numbers with all people: slow, and plainly right. */
function everyProblem(): WordProblem[] {
  const found: WordProblem[] = [];
  const ids = Object.keys(tiny.beside);
  const sets = [[], ...ids.map((id) => [id]), ids];
  for (const plot of smallWorld.plots) {
    for (const values of choices(plot.told.map(allValues))) {
      const amounts = Object.fromEntries(plot.told.map(({ id }, at) => [id, values[at]!]));
      const isWorded = plot.told.every(
        (told, at) => !told.isWorded || [12, 24, 2].includes(values[at]! / 30_000)
      );
      if (!isWorded || !problemOf({ plot, actors: [], amounts, beside: [] })) continue;
      for (const actors of arrangements(tiny.actors, plot.people.length)) {
        for (const set of sets) {
          for (const numbers of choices(set.map((id) => besideValues(tiny, id)))) {
            const beside = set.map((id, at) => ({ id, amount: numbers[at]! }));
            found.push(givenOf(problemOf({ plot, actors, amounts, beside })!));
          }
        }
      }
    }
  }
  return found;
}

const all = everyProblem();
const measured = all.map((given) => small.measure(given));

/** The problems that meet some controls, each measured. */
function meeting(controls: Controls): WordProblem[] {
  const read = readControls(small.features, controls);
  assert.ok(read.ok);
  const wanted = new Wanted(small.features, read.constraints);
  return all.filter((_, at) => wanted.meets(measured[at]!));
}

const requests: readonly Controls[] = [
  {},
  ...['part-part-whole', 'change', 'compare', 'equal-groups', 'times-as-many', 'rate'].map(
    (situation) => ({ situation: [situation] })
  ),
  ...[1, 2, 3].map((steps) => ({ steps })),
  { language: ['inconsistent'], distractors: 1 },
  { operations: ['division'], remainder: ['up', 'left'] },
  { arithmetic: ['column-addition', 'column-subtraction'], hidden: { min: 1 } },
  { convert: 1, numbers: ['decimals'] },
  { 'column-addition/carries': 1 },
  { 'column-subtraction/regroupings': { min: 1 }, steps: 2 },
  { 'short-multiplication/carries': 0, steps: 1 },
  { words: { max: 14 }, asked: ['whole', 'total'] },
  { order: ['turned'], unit: ['count', 'kg'] }
];

test('counts are those of all problems of a small world, tried one by one', () => {
  const lengths = new Set<number>();
  for (const controls of requests) {
    const wanted = meeting(controls);
    const space = itemsUnder(small, controls);
    assert.equal(space.count, BigInt(wanted.length), JSON.stringify(controls));
    assert.equal(space.isEmpty, wanted.length === 0);
    assert.ok(wanted.length > 0, JSON.stringify(controls));
    wanted.forEach(({ operations }) => lengths.add(operations.length));
  }
  assert.deepEqual([...lengths].sort(), [1, 2, 3]);
  assert.ok(all.length > 10_000, String(all.length));
});

test('ranks give every problem once, and the combinations add up', () => {
  for (const controls of requests.slice(1)) {
    const wanted = meeting(controls);
    if (wanted.length > 600) continue;
    const space = itemsUnder(small, controls);
    const { count, at } = space.ranked();
    const listed = Array.from({ length: Number(count) }, (_, rank) =>
      JSON.stringify(at(BigInt(rank)))
    );
    assert.deepEqual(listed.sort(), wanted.map((given) => JSON.stringify(given)).sort());
    const told = space.combinations(['steps', 'language', 'distractors', 'arithmetic', 'measure']);
    assert.equal(
      told.reduce((sum, one) => sum + one.count, 0n),
      count
    );
  }
});

test('draws are uniform over the space', () => {
  const controls = { situation: ['compare'], steps: 1, distractors: 0 };
  const space = itemsUnder(small, controls).ranked();
  const cells = Number(space.count);
  const counts = new Map<string, number>();
  let state = 1852;
  const draws = 60 * cells;
  for (let draw = 0; draw < draws; draw++) {
    // A generator of its own (Park and Miller 1988), so that ranks are drawn apart from the product.
    state = (state * 48_271) % 2_147_483_647;
    const rank = BigInt(Math.floor((state / 2_147_483_647) * cells));
    const key = JSON.stringify(space.at(rank));
    counts.set(key, (counts.get(key) ?? 0) + 1);
  }
  assert.equal(counts.size, cells);
  const chi = [...counts.values()].reduce((sum, n) => sum + (n - 60) ** 2 / 60, 0);
  // Mean and deviation of chi-square with so many degrees of freedom.
  assert.ok(Math.abs(chi - (cells - 1)) < 4 * Math.sqrt(2 * (cells - 1)), `${chi} of ${cells}`);
});

test('no problem stands in the space twice: texts differ wherever problems do', () => {
  const texts = new Set(
    all.map((given) => textOf(smallWorld.problem(given) as Problem, defaultHouseStyle))
  );
  assert.equal(texts.size, all.length);
});

test('a request is counted within the work it may take, a hundred problems drawn within theirs', async () => {
  const { COUNT_WORK, DRAW_WORK, measureWork } = await import('../../../spaces');
  const counted = measureWork(() => itemsUnder(skill, {}).count);
  assert.ok(counted.units < COUNT_WORK / 2, String(counted.units));
  assert.ok(counted.value > 10n ** 9n);
  const space = itemsUnder(skill, { steps: 1 }).ranked();
  const drawn = measureWork(() =>
    Array.from({ length: 100 }, (_, at) => space.at((space.count / 101n) * BigInt(at)))
  );
  assert.ok(drawn.units < DRAW_WORK / 4, String(drawn.units));
  assert.equal(world.plots.length > 1000, true);
});
