import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Context } from './context';
import { contextProblems } from './context-problems';
import { tiny } from './sample.test-helper';

/** The small world with something in it changed. */
function changed(change: (context: Context) => void): Context {
  const copy = structuredClone(tiny);
  change(copy);
  return copy;
}

const problemsOf = (change: (context: Context) => void): string[] =>
  contextProblems(changed(change))
    .filter(({ isHint }) => !isHint)
    .map(({ field }) => field);

test('nothing is wrong with the small world, and a hint keeps nobody from telling it', () => {
  assert.ok(contextProblems(tiny).every(({ isHint }) => isHint));
});

/** What is spoilt, and the field where it is said. */
const spoilt: readonly (readonly [field: string, change: (context: Context) => void])[] = [
  ['title', (c) => (c.title = '  ')],
  ['actors', (c) => (c.actors = ['Ada', 'Bo'])],
  ['actors', (c) => (c.actors = ['Ada', 'Ada', 'Bo'])],
  ['actors', (c) => c.actors.push('the cook')],
  ['things/egg', (c) => (c.things['egg'] = ['egg', ''])],
  ['stories', (c) => (c.stories = [])],
  ['measures/eggs/unit', (c) => (c.measures['eggs']!.unit = 'stone')],
  ['measures/price/unit', (c) => (c.measures['price']!.unit = '£/barrel')],
  ['measures/eggs/to', (c) => (c.measures['eggs']!.to = 12)],
  ['measures/eggs/from', (c) => (c.measures['eggs']!.from = 0)],
  ['measures/eggs/step', (c) => (c.measures['eggs']!.step = 0)],
  ['measures/eggs/step', (c) => (c.measures['eggs'] = { unit: 'egg', from: 1, to: 9000, step: 1 })],
  ['beside/cocks', (c) => (c.beside['cocks'] = ['nothing', 'A basket holds {}.'])],
  ['beside/cocks', (c) => (c.beside['cocks'] = ['two', 'A basket is there.'])],
  ['beside/one', (c) => (c.beside['one'] = ['two', 'A basket holds {}.'])],
  ['stories/0/links/0', (c) => (c.stories[0]!.links = ['part-part-whole one one whole'])],
  ['stories/0/links/0', (c) => (c.stories[0]!.links = ['part-part-whole one more whole'])],
  ['stories/1/links/0', (c) => (c.stories[1]!.links = ['change start change result'])],
  ['stories/0/parts/one/measure', (c) => (c.stories[0]!.parts['one']![0] = 'feathers')],
  ['stories/0/parts/one/told', (c) => (c.stories[0]!.parts['one']![1] = '{A} finds eggs.')],
  ['stories/0/parts/one/told', (c) => (c.stories[0]!.parts['one']![1] = '{A} finds {} and {}.')],
  ['stories/0/parts/one/told', (c) => (c.stories[0]!.parts['one']![1] = '{A} finds a {}.')],
  ['stories/0/parts/one/told', (c) => (c.stories[0]!.parts['one']![1] = '{D} finds {}.')],
  ['stories/0/parts/one/told', (c) => (c.stories[0]!.parts['one']![1] = '{A} finds {}')],
  ['stories/0/parts/one/told', (c) => (c.stories[0]!.parts['one']![1] = 'then {A} finds {}.')],
  ['stories/0/parts/one/told', (c) => (c.stories[0]!.parts['one']![1] = '{A} finds {} in 2 days.')],
  ['stories/0/parts/one/instead', (c) => (c.stories[0]!.parts['one']![2] = 'Some are {}.')],
  ['stories/0/parts/one/asked', (c) => (c.stories[0]!.parts['one']![3] = 'How many are brown.')],
  ['stories/3/parts/groups/asked/up', (c) => spoilGroups(c, { up: 'how many nests?' })]
];

function spoilGroups(context: Context, asks: Context['stories'][number]['parts'][string][3]): void {
  context.stories[3]!.parts['groups']![3] = asks;
}

test('what is wrong is said at the field where it is mended', () => {
  for (const [field, change] of spoilt) {
    assert.deepEqual([...new Set(problemsOf(change))], [field], `${field} ${change}`);
  }
});

test('a story that asks for nothing is refused', () => {
  assert.deepEqual(
    problemsOf((context) => {
      for (const part of Object.values(context.stories[0]!.parts)) part[3] = '';
    }),
    ['stories/0']
  );
});

test('a question to which nothing leads, or whose units do not go together, is refused', () => {
  assert.deepEqual(
    problemsOf((context) => (context.stories[0]!.parts['other']![1] = '')),
    ['stories/0/parts/one/asked', 'stories/0/parts/whole/asked']
  );
  assert.deepEqual(
    problemsOf((context) => (context.stories[1]!.parts['change']![0] = 'nests')),
    ['start', 'change', 'result'].map((id) => `stories/1/parts/${id}/asked`)
  );
});

test('an impossible range is refused where no question of the story is left, else it is a hint', () => {
  const none = problemsOf((context) => {
    context.measures['eggs'] = { unit: 'egg', from: 500, to: 600, step: 10 };
    context.stories = context.stories.slice(0, 1);
  });
  assert.deepEqual(
    none,
    ['one', 'other', 'whole'].map((id) => `stories/0/parts/${id}/asked`)
  );
  const some = contextProblems(
    changed((context) => {
      context.stories[0]!.parts['whole']![0] = 'few';
      context.stories[0]!.parts['whole']![1] = '';
      context.stories[0]!.parts['one']![3] = '';
      context.stories[0]!.parts['other']![3] = '';
      context.stories[0]!.links = ['part-part-whole one other whole'];
    })
  );
  assert.deepEqual(
    some.filter(({ isHint }) => !isHint).map(({ field }) => field),
    ['stories/0/parts/whole/asked']
  );
});

test('measures whose numbers are too many together are refused before they hold anybody up', () => {
  const wide = { from: 1, to: 1999, step: 1 };
  const fields = problemsOf((context) => {
    context.measures['eggs'] = { unit: 'egg', ...wide };
    context.measures['few'] = { unit: 'egg', ...wide };
  });
  assert.deepEqual(fields, ['measures']);
});
