import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { meets, readControls, showingPatterns, skillOf, skills } from '../skills';
import { followUp } from './follow-up';
import { redrawRung, replaceItem, startLadder } from './ladder';
import { outline } from './outline';
import { paperSchema, type Paper } from './paper';

const seeds = fc.integer({ min: 0, max: 2 ** 32 - 1 });

function orders(paper: Paper): string[] {
  return paper.rungs.flatMap(({ skill, items }) =>
    items.map(({ given }) => `${skill}/${skillOf(skill).orderless(given)}`)
  );
}

test('every skill’s ladder draws, holds no item twice, meets its controls and rises', () => {
  for (const skill of skills) {
    fc.assert(
      fc.property(seeds, (seed) => {
        const paper = startLadder(skill.id, 'Practice', seed);
        assert.ok(paperSchema.safeParse(paper).success);
        assert.deepEqual(paper, startLadder(skill.id, 'Practice', seed));
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
        const { items } = outline(paper);
        assert.ok(items.at(-1)!.item.difficulty > items[0]!.item.difficulty);
      }),
      { numRuns: 15 }
    );
  }
});

test('drawing a rung again keeps locked items in place and changes nothing else', () => {
  const paper = startLadder('column-addition', 'Practice', 5);
  const rung = paper.rungs[2]!;
  const locked = { ...rung, items: rung.items.map((item, at) => ({ ...item, locked: at === 1 })) };
  const before = { ...paper, rungs: paper.rungs.map((r) => (r.id === rung.id ? locked : r)) };
  const drawn = redrawRung(before, rung.id, 1);
  assert.ok(drawn.ok);
  assert.deepEqual(drawn.paper.rungs[2]!.items[1], locked.items[1]);
  assert.notDeepEqual(drawn.paper.rungs[2]!.items[0], locked.items[0]);
  assert.deepEqual(drawn.paper.rungs.toSpliced(2, 1), before.rungs.toSpliced(2, 1));
});

test('replacing one item changes that item only, and says when there is no other', () => {
  const paper = startLadder('column-addition', 'Practice', 5);
  const rung = paper.rungs[3]!;
  const replaced = replaceItem(paper, rung.id, rung.items[2]!.id, 1);
  assert.ok(replaced.ok);
  const changed = replaced.paper.rungs[3]!.items.map((item, at) => item !== rung.items[at]);
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

test('a follow-up holds only items on which the pattern shows', () => {
  const skill = skillOf('column-addition');
  for (const { id } of skill.errorPatterns) {
    const paper = followUp(skill.id, id, { seed: 3 });
    assert.ok(paper, id);
    for (const { given } of paper.rungs.flatMap(({ items }) => items)) {
      const shown = showingPatterns(skill, given, skill.schools[0]!);
      assert.ok(shown.some(({ pattern }) => pattern.id === id));
    }
  }
});
