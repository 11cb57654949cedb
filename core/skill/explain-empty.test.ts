import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { blockedBy, explainEmpty } from './explain-empty';
import { readControls, type Controls } from './controls';
import { skillOf } from './loaded';
import { itemsUnder } from './skill';
import { skills } from '../catalogue/all';

const skill = skillOf('column-addition');

test('two addends with three ripples cannot have two zeros in the sum, and the offers work', () => {
  const controls = { addends: 2, digits: 6, ripples: 3, answerZeros: 2, carries: { min: 1 } };
  const { conflict, nearest } = explainEmpty(skill, controls);
  assert.deepEqual(conflict, ['addends', 'ripples', 'answerZeros']);
  assert.deepEqual(nearest, { addends: 3, ripples: 2, answerZeros: 3 });
  for (const [name, value] of Object.entries(nearest)) {
    assert.ok(itemsUnder(skill, { ...controls, [name]: value }).count > 0n);
  }
});

test('a control that contradicts another is named with it, and nothing is offered where nothing works', () => {
  const two = explainEmpty(skill, { digits: 2, shortest: 3, carries: 1 });
  assert.deepEqual(two, { conflict: ['digits', 'shortest'], nearest: { digits: 3, shortest: 2 } });
  const carries = explainEmpty(skill, { digits: 1, carries: 2, longestRun: 2 });
  assert.deepEqual(carries, { conflict: ['digits', 'carries'], nearest: { digits: 2 } });
});

test('controls that cannot be read are refused with the field and what was expected', () => {
  const flags = explainEmpty(skill, { addends: 2, digits: 1, newColumn: false, carries: 1 });
  assert.deepEqual(flags.conflict, ['digits', 'carries', 'newColumn']);
  assert.deepEqual(flags.nearest, { digits: 2, carries: 0, newColumn: true });
  const refused: [Controls, string][] = [
    [{ carry: 1 }, 'unknown'],
    [{ carries: true }, 'kind'],
    [{ carries: 1.5 }, 'kind'],
    [{ newColumn: 1 }, 'kind'],
    [{ carries: 13 }, 'outside'],
    [{ digits: { min: 5, max: 3 } }, 'reversed']
  ];
  for (const [controls, reason] of refused) {
    const read = readControls(skill.features, controls);
    assert.ok(!read.ok);
    assert.deepEqual([read.error.field, read.error.reason], [Object.keys(controls)[0], reason]);
  }
});

test('what blocks a value is named, and every change offered keeps the value and leaves items', () => {
  const rungs = skills.flatMap((skill) =>
    skill.ladder.map(({ controls }) => ({ skill, controls }))
  );
  let offered = 0;
  fc.assert(
    fc.property(
      fc.constantFrom(...rungs),
      fc.nat(),
      fc.nat(12),
      ({ skill, controls }, pick, by) => {
        const feature = skill.features[pick % skill.features.length]!;
        if (feature.kind !== 'number') return;
        const asked = { ...controls, [feature.id]: Math.min(feature.min + by, feature.max) };
        if (!readControls(skill.features, asked).ok || !itemsUnder(skill, asked).isEmpty) return;
        const { blocking, offers } = blockedBy(skill, asked, feature.id);
        for (const offer of offers) {
          offered++;
          assert.equal(offer[feature.id], asked[feature.id]);
          assert.ok(!itemsUnder(skill, offer).isEmpty);
          assert.ok(blocking.some((name) => offer[name] !== asked[name]));
        }
        if (offers.length === 0) {
          assert.ok(itemsUnder(skill, { [feature.id]: asked[feature.id]! }).isEmpty);
        }
      }
    ),
    { numRuns: 50 }
  );
  assert.ok(offered > 10);
});
