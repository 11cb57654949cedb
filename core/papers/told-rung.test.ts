import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../catalogue/all';
import { meetsControls, skillOf, type Features } from '../skill';
import { startLadder, withToldRung, paperSchema } from '.';

/** Skills of which problems are told. */
const TOLD = [
  ...['column-addition', 'column-subtraction', 'short-multiplication', 'long-multiplication'],
  ...['short-division', 'long-division', 'decimal-addition', 'decimal-subtraction'],
  ...['decimal-multiplication', 'decimal-division', 'mixed-addition', 'mixed-subtraction']
];

test('the ladder of an arithmetic skill ends with problems that are worked by it, under its own controls', () => {
  for (const id of TOLD) {
    const skill = skillOf(id);
    const before = startLadder(id, 'Ladder', { seed: 4 });
    const paper = withToldRung(before, skill);
    assert.ok(paperSchema.safeParse(paper).success, id);
    assert.deepEqual(paper.rungs.slice(0, -1), before.rungs);
    const last = paper.rungs.at(-1)!;
    assert.deepEqual([last.skill, last.items.length], ['word-problem', 3], id);
    const problems = skillOf('word-problem');
    for (const { given } of last.items) {
      assert.ok(meetsControls(problems, given, last.controls));
      const { arithmetic }: Features = problems.measure(given);
      assert.deepEqual(arithmetic, [id]);
    }
    const own = Object.keys(last.controls).filter((name) => name.startsWith(`${id}/`));
    assert.ok(own.length > 0, id);
  }
});

test('a skill that is not told keeps its ladder, and so does that of problems themselves', () => {
  for (const id of ['factorise-quadratic', 'word-problem', 'doubling']) {
    const paper = startLadder(id, 'Ladder', { seed: 4 });
    assert.equal(withToldRung(paper, skillOf(id)), paper);
  }
});
