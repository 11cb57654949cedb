import assert from 'node:assert/strict';
import { test } from 'node:test';
import { skillOf } from '../skill';
import { contexts } from '../skills/problems/word-problem';
import { tiny } from '../skills/problems/word-problem/sample.test-helper';
import { tellIn, tryContext } from '.';
import './all';

test('ten problems are told in a context, of as many kinds as it can tell', async () => {
  const { problems, count, examples } = await tryContext(tiny, 3);
  assert.ok(problems.every(({ isHint }) => isHint));
  assert.equal(examples.length, 10);
  assert.equal(new Set(examples.map(({ text }) => text)).size, 10);
  assert.ok(BigInt(count!) > 10n);
  assert.deepEqual(await tryContext(tiny, 3), { problems, count, examples });
  assert.notDeepEqual((await tryContext(tiny, 4)).examples, examples);
});

test('a context that can tell fewer than ten tells all of them, and one that lacks something none', async () => {
  const few = { ...tiny, actors: ['Ada', 'Bo', 'Cy'], stories: [tiny.stories[3]!], beside: {} };
  const { count, examples } = await tryContext(
    { ...few, measures: { ...few.measures, nests: { unit: 'nest', from: 10, to: 10.5, step: 1 } } },
    1
  );
  assert.equal(examples.length, Math.min(10, Number(count)));
  const unsound = await tryContext({ ...tiny, title: '' }, 1);
  assert.deepEqual([unsound.count, unsound.examples], [null, []]);
  assert.ok(unsound.problems.length > 0);
});

test('problems are told in the contexts of a department too, and still read when it has changed or removed one', async () => {
  const own = { ...tiny, id: 'hen-house', title: 'The hen house' };
  const countWith = async (told: readonly (typeof own)[], past: readonly (typeof own)[] = []) => {
    await tellIn(() => Promise.resolve({ told, past }));
    const values = skillOf('word-problem').features.find(({ id }) => id === 'context')!;
    return 'values' in values ? values.values : [];
  };
  const usual = contexts.map(({ id }) => id);
  assert.deepEqual(await countWith([]), usual);
  assert.deepEqual(await countWith([own]), [...usual, 'hen-house']);
  const skill = skillOf('word-problem');
  const given = skill.given.parse('There is 3 kg of grain. Hens eat 0.5 kg. How much is left?');
  assert.ok(given);
  const changed = {
    ...own,
    version: 2,
    stories: own.stories.filter((story) => story !== own.stories[1])
  };
  await countWith([changed], [own]);
  const later = skillOf('word-problem');
  assert.ok(later.given.schema.safeParse(given).success);
  assert.equal(later.given.print(given), skill.given.print(given));
  assert.equal(later.given.parse(skill.given.print(given)), undefined);
  await countWith([]);
  assert.ok(!skillOf('word-problem').given.schema.safeParse(given).success);
});
