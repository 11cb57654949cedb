import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { defaultHouseStyle } from '../house-style';
import { meets, readControls, skillOf, WorkedItem, type Controls } from '../skill';
import { skills } from '../catalogue/all';
import { followUp } from './follow-up';
import { practiceFor } from './practice';
import { redrawRung, replaceItem } from './ladder';
import { outline } from './outline';
import { fromPlans, startLadder } from './start';
import { paperSchema, type Paper, type Rung } from './paper';

const seeds = fc.integer({ min: 0, max: 2 ** 32 - 1 });

function orders(paper: Paper): string[] {
  return paper.rungs.flatMap(({ skill, items }) =>
    items.map(({ given }) => `${skill}/${skillOf(skill).itemKey(given)}`)
  );
}

test('every skill’s ladder draws, holds no item twice, meets its controls and rises', () => {
  for (const skill of skills) {
    fc.assert(
      fc.property(seeds, (seed) => {
        const paper = startLadder(skill.id, 'Practice', { seed: seed });
        assert.ok(paperSchema.safeParse(paper).success);
        assert.deepEqual(paper, startLadder(skill.id, 'Practice', { seed: seed }));
        assert.equal(new Set(orders(paper)).size, orders(paper).length);
        for (const rung of paper.rungs) {
          const read = readControls(skill.features, rung.controls);
          assert.ok(read.ok);
          for (const { given } of rung.items) {
            const measured = skill.measure(given);
            for (const [name, constraint] of Object.entries(read.constraints)) {
              assert.ok(meets(measured[name]!, constraint));
            }
          }
        }
        const { items } = outline(paper, defaultHouseStyle);
        assert.ok(items.at(-1)!.facts.difficulty > items[0]!.facts.difficulty);
      }),
      { numRuns: 1 }
    );
  }
});

test('drawing a rung again keeps locked items in place and changes nothing else', () => {
  const paper = startLadder('column-addition', 'Practice', { seed: 5 });
  const rung = paper.rungs[2]!;
  const locked = { ...rung, items: rung.items.map((item, at) => ({ ...item, locked: at === 1 })) };
  const before = { ...paper, rungs: paper.rungs.map((r) => (r.id === rung.id ? locked : r)) };
  const drawn = redrawRung(before, rung.id, 1);
  assert.ok(drawn.ok);
  assert.deepEqual(drawn.rung.items[1], locked.items[1]);
  assert.notDeepEqual(drawn.rung.items[0], locked.items[0]);
  assert.deepEqual({ ...drawn.rung, items: [] }, { ...locked, items: [] });
});

test('replacing one item changes that item only, and says when there is no other', () => {
  const paper = startLadder('column-addition', 'Practice', { seed: 5 });
  const rung = paper.rungs[3]!;
  const replaced = replaceItem(paper, rung.id, rung.items[2]!.id, 1);
  assert.ok(replaced.ok);
  const changed = replaced.rung.items.map((item, at) => item !== rung.items[at]);
  assert.deepEqual(changed, [false, false, true, false]);
  const controls = { addends: 2, digits: 1, carries: 1, answerZeros: 1 };
  const tight: Paper = {
    ...paper,
    rungs: [{ ...rung, controls, count: 6, items: [] }]
  };
  const result = redrawRung(tight, rung.id, 0);
  // Unordered pairs of digits that make ten: 1+9 to 5+5.
  assert.deepEqual(result, { ok: false, error: { code: 'too-few', population: 5n } });
});

test('a follow-up of any pattern holds eight items on which it shows, and none that was met', () => {
  for (const skill of skills) {
    for (const { id, schools = Object.keys(skill.schools) } of skill.patterns) {
      const school = schools.at(-1)!;
      const met: string[] = [];
      for (const seed of [3, 4]) {
        const paper = followUp(skill.id, id, 'Practice', { seed, school, except: met });
        assert.ok(paper, `${skill.id} ${id} in ${school}`);
        assert.ok(paperSchema.safeParse(paper).success);
        assert.deepEqual(
          paper.rungs.map(({ items }) => items.length),
          [1, 1, 3, 3]
        );
        for (const { given } of paper.rungs.flatMap(({ items }) => items)) {
          const shown = new WorkedItem(skill, given, school).showing();
          assert.ok(shown.some(({ pattern }) => pattern.id === id));
          assert.ok(!met.includes(skill.itemKey(given)));
          met.push(skill.itemKey(given));
        }
      }
    }
  }
});

test('a follow-up is shorter where few items are left, and none where there are too few', () => {
  const { itemKey } = skillOf('square-ending-five');
  const all = Array.from({ length: 999 }, (_, head) => itemKey({ number: `${head + 1}5` }));
  const left = (count: number) =>
    followUp('square-ending-five', 'head-squared', 'Practice', {
      seed: 1,
      except: all.slice(count)
    });
  assert.deepEqual(
    left(5)?.rungs.map(({ items }) => items.length),
    [1, 1, 2, 1]
  );
  assert.equal(left(3), undefined);
});

test('a feature is spread over the items of a rung, and stays so when some are kept or replaced', () => {
  const carries = (rung: Rung) =>
    rung.items.map(({ given }) => skillOf('column-addition').measure(given).carries);
  const plan = {
    skill: 'column-addition',
    kind: 'bare' as const,
    controls: { addends: 2, digits: 3 },
    count: 12,
    spread: {
      feature: 'carries',
      parts: [0, 1, 2, 3].map((control) => ({ control, count: 3 }))
    }
  };
  fc.assert(
    fc.property(seeds, fc.subarray([0, 1, 4, 7, 11]), (seed, kept) => {
      const paper = fromPlans('Practice', seed, [plan]);
      assert.ok(paperSchema.safeParse(paper).success);
      assert.deepEqual(carries(paper.rungs[0]!), [0, 0, 0, 1, 1, 1, 2, 2, 2, 3, 3, 3]);
      const rung = paper.rungs[0]!;
      const items = rung.items.map((item, at) => ({ ...item, locked: kept.includes(at) }));
      const again = redrawRung({ ...paper, rungs: [{ ...rung, items }] }, rung.id, 1);
      assert.ok(again.ok);
      assert.deepEqual([...carries(again.rung)].sort(), carries(rung));
      const replaced = replaceItem(paper, rung.id, rung.items[4]!.id, 1);
      assert.ok(replaced.ok);
      assert.deepEqual(carries(replaced.rung), carries(rung));
    }),
    { numRuns: 20 }
  );
});

test('items that suit a strategy and items that do not are mixed', () => {
  const paper = fromPlans('Practice', 3, [
    {
      skill: 'near-multiple-subtraction',
      kind: 'bare',
      controls: { digits: 3, changeDigits: 2 },
      count: 6,
      spread: {
        feature: 'suited',
        parts: [
          { control: true, count: 4 },
          { control: false, count: 2 }
        ]
      }
    }
  ]);
  const suited = paper.rungs[0]!.items.map(
    ({ given }) => skillOf('near-multiple-subtraction').measure(given).suited
  );
  assert.deepEqual([...suited].sort(), [false, false, true, true, true, true]);
  assert.ok(suited.indexOf(false) > 0 && suited.lastIndexOf(false) - suited.indexOf(false) > 1);
  const rung = { ...paper.rungs[0]!, count: 7 };
  assert.equal(paperSchema.safeParse({ ...paper, rungs: [rung] }).success, false);
});

test('a new paper is worked as the house does', () => {
  const style = { ...defaultHouseStyle, methods: { 'mixed-subtraction': 'improper' } };
  const schools = startLadder('mixed-subtraction', 'Practice', { seed: 1, style }).rungs.map(
    ({ school }) => school
  );
  assert.deepEqual([...new Set(schools)], ['improper']);
});

test('a ladder keeps the controls it is given in every rung, whatever its own ask', () => {
  fc.assert(
    fc.property(seeds, fc.constantFrom(...skills.keys()), fc.nat(), (seed, at, pick) => {
      const skill = skills[at]!;
      const asked = skill.features.filter(({ kind }) => kind !== 'tables');
      const { id } = asked[pick % asked.length]!;
      const { rungs } = startLadder(skill.id, 'Practice', { seed: 2 });
      const value = skill.measure(rungs.at(-1)!.items[0]!.given)[id]!;
      const kept = { [id]: typeof value === 'string' ? [value] : value } as Controls;
      const paper = startLadder(skill.id, 'Practice', { seed, kept });
      assert.ok(paperSchema.safeParse(paper).success);
      assert.ok(paper.rungs.length > 0);
      for (const { given } of paper.rungs.flatMap(({ items }) => items)) {
        assert.deepEqual(skill.measure(given)[id], value);
      }
    }),
    { numRuns: 4 }
  );
});

test('a practice of several needs holds each of them, shortly, and nothing that was met', () => {
  const style = defaultHouseStyle;
  const needs = [
    { skill: 'column-addition', school: 'columns', pattern: 'carry-dropped' },
    { skill: 'square-ending-five', school: 'columns' },
    { skill: 'column-subtraction', school: 'equal-additions', pattern: 'smaller-from-larger' }
  ];
  fc.assert(
    fc.property(seeds, (seed) => {
      const first = practiceFor('Practice', needs, { seed, style, met: {} })!;
      assert.ok(paperSchema.safeParse(first).success);
      assert.deepEqual(
        [...new Set(first.rungs.map(({ skill }) => skill))],
        needs.map(({ skill }) => skill)
      );
      assert.ok(first.rungs.length <= 12);
      const met = Object.fromEntries(
        needs.map(({ skill }) => [
          skill,
          first.rungs
            .filter((rung) => rung.skill === skill)
            .flatMap(({ items }) => items.map(({ given }) => skillOf(skill).itemKey(given)))
        ])
      );
      const second = practiceFor('Practice', needs, { seed, style, met })!;
      for (const { skill, items } of second.rungs) {
        for (const { given } of items) {
          assert.ok(!met[skill]!.includes(skillOf(skill).itemKey(given)));
        }
      }
    }),
    { numRuns: 5 }
  );
});
