import assert from 'node:assert/strict';
import { test } from 'node:test';
import { skillOf, WorkedItem } from '../skill';
import '../catalogue/all';
import { ANSWER, evaluate, modelledTexts } from '../working';
import { diagnose } from './diagnosis';
import { markItem } from './mark-item';
import { withFact } from './near-miss';

test('each table fact one multiple out, in every seventh product of two-digit numbers, is one slip', () => {
  const skill = skillOf('long-multiplication');
  let slips = 0;
  for (let one = 12; one <= 99; one++) {
    // Each pair of digits is multiplied in each place, with every carry beside it.
    for (let other = 12 + (one % 7); other <= 99; other += 7) {
      const given = { multiplicand: String(one), multiplier: String(other) };
      const item = new WorkedItem(skill, given, 'rows');
      for (const step of item.graph.steps) {
        const facts = step.total && step.facts ? step.facts((id) => item.key.get(id)) : [];
        // The slips of one fact are alike; each item takes its turn with another of them.
        const fact = facts[(one + other) % Math.max(1, facts.length)];
        if (fact === undefined) continue;
        const values = evaluate(item.graph, withFact(item.graph, step, fact));
        const working = modelledTexts(item.graph, values);
        const marked = markItem(item, working);
        slips++;
        // What an error pattern would give throughout cannot be told from it.
        if (marked.diagnosis.some(({ slip }) => slip === undefined)) continue;
        const { awarded, available } = marked.marks;
        const lost = working[ANSWER] === item.answer ? 0 : 1;
        assert.equal(awarded, available - lost, `${one} x ${other} at ${step.id}: ${fact}`);
        assert.ok(
          marked.slips.some(({ kind }) => kind === 'table-fact') || marked.slips.length === 1,
          `${one} x ${other} at ${step.id}: ${fact}`
        );
      }
    }
  }
  assert.ok(slips > 2_000);
});

test('a bare answer after one wrong fact offers it, in every product', () => {
  for (const [id, line, answer] of [
    ['long-multiplication', '58 x 34', '1968'], // 8x4 taken for 28
    ['short-multiplication', '58 x 4', '228'],
    ['short-multiplication', '706 x 8', '5656'], // 7x8 taken for 56 + 0 ... 8x6 for 56
    ['square-ending-five', '65²', '3525'] // 6x7 taken for 35
  ] as const) {
    const skill = skillOf(id);
    const item = new WorkedItem(skill, skill.given.parse(line), Object.keys(skill.schools)[0]!);
    const kinds = markItem(item, { answer }).slips.map(({ kind }) => kind);
    assert.ok(kinds.includes('table-fact'), `${line} = ${answer}`);
    assert.deepEqual(diagnose(item, new Map(), { working: {}, readings: [] }), []);
  }
});
