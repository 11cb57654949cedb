import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { meets, readControls, skillOf } from '../skill';
import { skills } from '../catalogue/all';
import { factsOf } from './facts';
import { fitToRamp, rampOf, wantedAlong } from './fit';
import { isMarked } from './kinds';
import { redrawRung } from './ladder';
import type { Paper, Rung } from './paper';
import { startLadder } from './start';

/** How far the items that can be changed are from the ramp, in all. */
function distance({ ramp, rungs }: Paper): number {
  const all = rungs.flatMap((rung) => rung.items.map((item) => ({ rung, item })));
  const wanted = wantedAlong(ramp, all.length);
  return all.reduce(
    (sum, { rung, item }, at) =>
      isMarked(rung) ? sum + Math.abs(factsOf(rung, item).difficulty - wanted[at]!) : sum,
    0
  );
}

const keysOf = ({ skill, items }: Rung) => items.map(({ given }) => skillOf(skill).itemKey(given));

test('fitted items are nearer to the ramp than before, meet their controls, and what is locked stays', () => {
  for (const skill of skills.filter((_, at) => at % 4 === 0)) {
    fc.assert(
      fc.property(
        fc.nat(1e6),
        fc.integer({ min: -3, max: 3 }),
        fc.integer({ min: -3, max: 3 }),
        (seed, from, to) => {
          const started = startLadder(skill.id, 'Practice', { seed });
          const paper = {
            ...started,
            ramp: { from, to },
            rungs: started.rungs.map((rung) => ({
              ...rung,
              items: rung.items.map((item, at) => ({ ...item, locked: at === 1 }))
            }))
          };
          const fitted = fitToRamp(paper, 1)!;
          const after = { ...paper, rungs: [...fitted.rungs] };
          assert.ok(distance(after) <= distance(paper) + 1e-9);
          const keys = after.rungs.flatMap(keysOf);
          assert.equal(new Set(keys).size, keys.length, 'no item twice');
          const ids = after.rungs.flatMap(({ items }) => items.map(({ id }) => id));
          assert.equal(new Set(ids).size, ids.length, 'no id twice');
          paper.rungs.forEach((rung, at) => {
            const now = after.rungs[at]!;
            assert.deepEqual({ ...now, items: [] }, { ...rung, items: [] });
            assert.deepEqual(now.items[1], rung.items[1]);
            if (!isMarked(rung)) assert.deepEqual(now, rung);
            const read = readControls(skill.features, rung.controls);
            assert.ok(read.ok);
            for (const { given } of now.items) {
              const measured = skill.measure(given);
              for (const [name, constraint] of Object.entries(read.constraints)) {
                assert.ok(meets(measured[name]!, constraint));
              }
            }
          });
          assert.deepEqual(fitToRamp(paper, 1), fitted, 'the same again');
        }
      ),
      { numRuns: 2, seed: 26 }
    );
  }
});

test('items of a spread stay in their part, in the order of its parts', () => {
  const paper = startLadder('column-addition', 'Practice', { seed: 4 });
  const [rung] = paper.rungs.filter(({ kind }) => kind === 'bare');
  const spread = {
    feature: 'carries',
    parts: [
      { control: 1, count: 2 },
      { control: 2, count: 2 }
    ]
  };
  const own = { ...rung!, controls: { addends: 2, digits: 3 }, count: 4, spread, items: [] };
  const empty = { ...paper, ramp: { from: 2, to: -3 }, rungs: [own] };
  const first = redrawRung(empty, own.id, 0);
  assert.ok(first.ok);
  const drawn = { ...empty, rungs: [first.rung] };
  const fitted = fitToRamp(drawn, 1)!;
  const carries = ({ items }: Rung) =>
    items.map(({ given }) => skillOf('column-addition').measure(given)['carries']);
  assert.deepEqual(carries(fitted.rungs[0]!), carries(drawn.rungs[0]!));
});

test('a paper is wanted as it is: its ramp starts and ends where its rungs do', () => {
  for (const skill of skills) {
    const paper = startLadder(skill.id, 'Practice', { seed: 9 });
    assert.deepEqual(paper.ramp, rampOf(paper));
    const { from, to } = paper.ramp;
    assert.ok(Number.isInteger(from * 2) && Number.isInteger(to * 2) && from <= to, skill.id);
  }
  assert.deepEqual(rampOf({ rungs: [] }), { from: 0, to: 0 });
  assert.deepEqual(wantedAlong({ from: -1, to: 1 }, 3), [-1, 0, 1]);
  assert.deepEqual(wantedAlong({ from: -1, to: 1 }, 1), [-1]);
});
