import assert from 'node:assert/strict';
import { test } from 'node:test';
import { blueprintSchema, type Blueprint, type BlueprintRow } from '@zealous-quill/core/exams';
import fc from 'fast-check';
import {
  tidy,
  usualRung,
  withoutIdlePatterns,
  withoutSection,
  withoutSkill,
  withSection,
  withSkill
} from './plan-edits';

const row = (id: string, more: Partial<BlueprintRow> = {}): BlueprintRow => ({
  ...{ id, skills: ['doubling'], kind: 'bare' },
  ...more
});

const plan = (...rows: readonly BlueprintRow[]): Blueprint => ({ total: 10, rows: [...rows] });

const sectionsOf = ({ sections = [] }: Blueprint) => sections.map(({ id }) => id);
const placesOf = ({ rows }: Blueprint) => rows.map(({ section }) => section ?? '-').join('');

test('the first section takes all rows, the next take none, and there are ten at most', () => {
  let edited = withSection(plan(row('a'), row('b')));
  assert.deepEqual([sectionsOf(edited), placesOf(edited)], [['A'], 'AA']);
  for (let more = 0; more < 12; more++) edited = withSection(edited);
  assert.deepEqual([sectionsOf(edited).join(''), placesOf(edited)], ['ABCDEFGHIJ', 'AA']);
});

test('rows of a section that goes stand in the one before it, or the next; of the last they stand in none', () => {
  const three = withSection(withSection(withSection(plan(row('a')))));
  const placed = (own: Blueprint): Blueprint => ({
    ...own,
    rows: ['A', 'B', 'C'].map((section) => row(section, { section }))
  });
  assert.equal(placesOf(withoutSection(placed(three), 'B')), 'AAC');
  assert.equal(placesOf(withoutSection(placed(three), 'A')), 'BBC');
  const one = withSection(plan(row('a')));
  const none = withoutSection(one, 'A');
  assert.deepEqual(none, plan(row('a')));
});

test('whatever sections come and go, every row stands in one that is there, and the plan can be read', () => {
  const act = fc.oneof(fc.constant('more'), fc.constantFrom(...'ABCD'));
  fc.assert(
    fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
      const edited = acts.reduce(
        (own, what) => (what === 'more' ? withSection(own) : withoutSection(own, what)),
        plan(row('a'), row('b'))
      );
      assert.ok(blueprintSchema.safeParse(edited).success, JSON.stringify(edited));
      for (const { section } of edited.rows) {
        if (sectionsOf(edited).length === 0) assert.equal(section, undefined);
        else assert.ok(sectionsOf(edited).includes(section!));
      }
    })
  );
});

test('skills join a row once with what they are asked for, and leave it, but the last', () => {
  const controls = { digits: 3 };
  const two = withSkill(row('a'), 'near-doubles', controls);
  assert.deepEqual(two.skills, ['doubling', 'near-doubles']);
  assert.deepEqual(two.controls, { 'near-doubles': controls });
  assert.equal(withSkill(two, 'doubling', controls), two);
  const back = withoutSkill(two, 'near-doubles');
  assert.deepEqual([back.skills, back.controls], [['doubling'], {}]);
  assert.equal(withoutSkill(back, 'doubling'), back);
});

test('patterns go with the last row that asks for their skill', () => {
  const asked = {
    ...plan(row('a')),
    patterns: { 'doubling/carry-lost': 2, 'complement/all-nines': 1 }
  };
  assert.deepEqual(withoutIdlePatterns(asked).patterns, { 'doubling/carry-lost': 2 });
  const { patterns, ...others } = withoutIdlePatterns({
    ...asked,
    rows: [row('a', { skills: ['x'] })]
  });
  assert.equal(patterns, undefined);
  assert.equal('patterns' in others, false);
});

test('what is not said any more is not there, and a row starts from the fourth rung or the last', () => {
  assert.deepEqual(tidy({ a: 1, b: undefined, c: 0 }), { a: 1, c: 0 });
  const rungs = (count: number) =>
    Array.from({ length: count }, () => ({ title: '', controls: {} }));
  assert.deepEqual(
    [1, 3, 4, 6].map((count) => usualRung({ doubling: rungs(count) }, 'doubling')),
    [0, 2, 3, 3]
  );
  assert.equal(usualRung({}, 'doubling'), 0);
});
