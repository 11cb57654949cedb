import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import '../catalogue/all';
import { findCard } from '../catalogue';
import { skillOf, WorkedItem } from '../skill';
import type { Mark } from '../schemes';
import { availableMarks } from '../schemes';
import { defaultHouseStyle } from '../house-style';
import { controlsFor, drawSome } from './draw-some';
import { lineWords } from './line-words';
import { codeOf, partScheme } from './mark-scheme';
import { bandOf } from './part-class';
import { canShow, patternsFor, spreadOf } from './row-facts';
import { isDear, spreadItems } from './strata';
import { itemsUnder } from '../skill';
import type { Blueprint, BlueprintRow } from './blueprint';

const plan: Blueprint = {
  total: 20,
  patterns: { 'column-addition/carry-dropped': 2, 'doubling/carry-missed': 1 },
  rows: [
    { id: 'r1', skills: ['column-addition', 'doubling'], kind: 'bare' },
    { id: 'r2', skills: [], kind: 'own' }
  ]
};

test('every line of a plan has a name that a coordinator knows', () => {
  const words = (line: string, own = plan) => lineWords(own, line, (id) => findCard(id)!.title);
  assert.equal(words('total'), 'Total marks');
  assert.equal(words('minutes'), 'Minutes');
  assert.equal(words('rising'), 'Questions rise in difficulty');
  assert.equal(words('rising', { ...plan, step: 50 }), 'The largest step');
  assert.equal(words('difficulty.mean'), 'Mean difficulty');
  assert.equal(words('difficulty.hard'), 'Share of hard marks');
  assert.equal(
    words('patterns.column-addition/carry-dropped'),
    'Parts that show carry dropped (column addition)'
  );
  assert.equal(words('sections.B.minutes'), 'Minutes of section B');
  assert.equal(words('sections.A.marks'), 'Marks of section A');
  assert.equal(words('rows.r1.parts'), 'Parts of column addition, doubling from the left');
  assert.equal(words('rows.r2.marks'), 'Marks of the own question');
});

test('a mark has a code that says what it is worth, whether it follows, and on what it depends', () => {
  const mark = (more: Partial<Mark>): Mark => ({
    ...{ id: 'A1', kind: 'A', value: 1, steps: ['answer'], own: 'cao' },
    ...more
  });
  assert.equal(codeOf(mark({})), 'A1 cao');
  assert.equal(codeOf(mark({ own: 'ft', value: 2, dependsOn: 'M1' })), 'A2 ft');
  assert.equal(codeOf(mark({ kind: 'M', own: 'ft' })), 'M1');
  assert.equal(codeOf(mark({ kind: 'B' })), 'B1 cao');
});

test('a scheme in words has a line for each mark, and wrong answers that earn no more than there is', () => {
  const skill = skillOf('column-addition');
  const given = skill.given.parse('487 + 365');
  const scheme = skill.scheme(given, 'columns');
  const part = { skill: skill.id, school: 'columns', given };
  const { lines, wrong, accepted } = partScheme(part, { scheme }, defaultHouseStyle);
  assert.deepEqual(
    lines.map(({ id }) => id),
    scheme.marks.map(({ id }) => id)
  );
  assert.equal(lines.at(-1)!.earns, '852, dep on the line above');
  assert.equal(accepted, 'Accept any grouping of the digits, and a unit.');
  assert.equal(
    lines[0]!.earns,
    'the columns added from the right, with tens carried; one slip is allowed, and own figures are followed'
  );
  // 742: no carry is added. It is wrong, and shows no working.
  const dropped = wrong.find(({ answer }) => answer === '742')!;
  assert.equal(dropped.title, 'Carry dropped');
  assert.ok(wrong.every(({ marks }) => marks < availableMarks(scheme)));
});

test('easy is below one logit under the middle, hard above one', () => {
  fc.assert(
    fc.property(fc.integer({ min: -500, max: 500 }), (difficulty) => {
      const band = difficulty < -100 ? 'easy' : difficulty > 100 ? 'hard' : 'middling';
      assert.equal(bandOf({ difficulty }), band);
    })
  );
});

test('what a plan asks of a row is told of an item: patterns that show, the part of a spread', () => {
  assert.deepEqual(patternsFor(plan, 'doubling'), ['doubling/carry-missed']);
  assert.deepEqual(patternsFor({ ...plan, patterns: undefined }, 'doubling'), []);
  const doubling = skillOf('doubling');
  const shown = (line: string) => {
    const item = new WorkedItem(doubling, doubling.given.parse(line), 'looking-ahead');
    return canShow(item, { kind: 'bare' }).includes('doubling/carry-missed');
  };
  assert.ok(shown('2 x 358'));
  assert.ok(!shown('2 x 12'));
  const row: BlueprintRow = {
    ...plan.rows[0]!,
    spread: {
      feature: 'carries',
      parts: [
        { control: 0, count: 1 },
        { control: 2, count: 1 }
      ]
    }
  };
  assert.deepEqual(
    [0, 2, 1].map((carries) => spreadOf(row, { carries })),
    [0, 1, 0]
  );
  assert.equal(spreadOf(plan.rows[0]!, { carries: 2 }), null);
});

test('values of features are asked for exactly, and as many items are drawn as there are', () => {
  assert.deepEqual(controlsFor({ relation: 'same', carries: 2, suited: true }), {
    ...{ relation: ['same'], carries: 2, suited: true }
  });
  const square = skillOf('square-ending-five');
  const some = (count: number, except: readonly string[] = []) =>
    drawSome(square, { controls: { digits: 2 }, count, seed: 1, except: new Set(except) }).length;
  assert.equal(some(9), 9);
  // Nine are there; of those asked for half as many is tried, and half of that.
  assert.equal(some(16), 8);
  assert.equal(some(9, ['25²', '35²', '45²']), 4);
  const none = { controls: { digits: 9 }, count: 3, seed: 1, except: new Set<string>() };
  assert.deepEqual(drawSome(square, none), []);
});

test('items of a large space are spread over easy and hard ones, and none is excepted or there twice', () => {
  const skill = skillOf('column-addition');
  assert.ok(isDear(itemsUnder(skill, {})));
  assert.ok(!isDear(itemsUnder(skillOf('square-ending-five'), {})));
  const asked = { controls: {}, seed: 3, except: new Set<string>() };
  const items = spreadItems(skill, asked);
  const keys = items.map((given) => skill.itemKey(given));
  assert.equal(new Set(keys).size, keys.length);
  const places = new Set(items.map((given) => JSON.stringify(skill.measure(given)['carries'])));
  assert.ok(places.size > 2, [...places].join());
  const except = new Set(keys.slice(0, 50));
  const others = spreadItems(skill, { ...asked, except });
  assert.ok(others.every((given) => !except.has(skill.itemKey(given))));
});
