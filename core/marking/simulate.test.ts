import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultEvidenceModel, patternEvidence, type Observation } from '../analysis';
import { drawItems, showingPatterns, skillOf } from '../skills';
import { partSeed, seededRandom } from '../spaces';
import { markItem } from './mark-item';
import { simulate, type SimulatedPupil } from './simulate';

const skill = skillOf('column-addition');
const school = 'columns';

function paperItems(): unknown[] {
  const drawn = drawItems(skill, {
    controls: { addends: 2, digits: 3, shortest: { max: 2 }, carries: 2 },
    count: 12,
    seed: 11
  });
  assert.ok(drawn.ok);
  return drawn.given;
}

function observe(given: unknown, working: Record<string, string>): Observation {
  const marked = markItem(skill, { given, school, working });
  return {
    couldShow: showingPatterns(skill, given, school).map(({ pattern }) => pattern.id),
    didShow: [...new Set(marked.diagnosis.flatMap(({ patterns }) => patterns))],
    right: marked.answer.verdict === 'correct'
  };
}

test('marking a simulated pupil recovers the pattern held, by working and by bare answers', () => {
  const items = paperItems();
  for (const { id } of skill.errorPatterns.filter(({ id }) => id !== 'last-carry-dropped')) {
    const pupil: SimulatedPupil = {
      holds: [{ pattern: id, degree: 0.9 }],
      slipRate: 0.05,
      writesMarks: 0.5,
      leavesOut: 0
    };
    for (const bare of [false, true]) {
      const seen = items.map((given, at) => {
        const random = seededRandom(partSeed(at, id));
        const { working } = simulate(skill, given, school, pupil, random);
        return observe(given, bare ? { answer: working['answer']! } : { ...working });
      });
      const [likeliest] = patternEvidence(seen).sort((a, b) => b.probability - a.probability);
      assert.equal(likeliest!.pattern, id);
      assert.ok(likeliest!.probability > 0.95, `${id}: ${likeliest!.probability}`);
    }
  }
});

test('a pupil who only slips is not taken for a holder', () => {
  const pupil: SimulatedPupil = { holds: [], slipRate: 0.3, writesMarks: 0.5, leavesOut: 0.05 };
  const model = { ...defaultEvidenceModel, slipRate: pupil.slipRate };
  const items = paperItems();
  for (let seed = 0; seed < 30; seed++) {
    const random = seededRandom(seed);
    const seen = items.map((given) =>
      observe(given, { ...simulate(skill, given, school, pupil, random).working })
    );
    for (const { pattern, probability } of patternEvidence(seen, model)) {
      assert.ok(probability < 0.5, `${pattern} ${probability}`);
    }
  }
});

test('seen once is not as sure as seen six times of six', () => {
  const seen: Observation = { couldShow: ['p'], didShow: ['p'], right: false };
  const [once] = patternEvidence([seen]);
  const [often] = patternEvidence(Array<Observation>(6).fill(seen));
  assert.ok(once!.probability < 0.95 && often!.probability > 0.999);
  assert.deepEqual([often!.could, often!.did], [6, 6]);
});

test('a pattern that only shows where a likelier one does is not found beside it; twins share', () => {
  const both: Observation = { couldShow: ['p', 'q'], didShow: ['p', 'q'], right: false };
  const onlyP: Observation = { couldShow: ['p', 'q'], didShow: ['p'], right: false };
  const told = patternEvidence([...Array<Observation>(5).fill(both), onlyP]);
  assert.ok(told[0]!.probability > 0.95 && told[1]!.probability < 0.2, JSON.stringify(told));
  const twins = patternEvidence(Array<Observation>(5).fill(both));
  assert.equal(twins[0]!.probability, twins[1]!.probability);
  assert.ok(twins[0]!.probability >= 0.5 && twins[0]!.probability < 0.6, JSON.stringify(twins));
  const [long] = patternEvidence(Array<Observation>(2000).fill(onlyP));
  assert.ok(long!.probability > 0.999);
});

test('patterns of skills that share no item are judged apart', () => {
  const p: Observation = { couldShow: ['p', 'q'], didShow: ['p'], right: false };
  const r: Observation = { couldShow: ['r'], didShow: [], right: true };
  const alone = patternEvidence([p, p]);
  assert.deepEqual(patternEvidence([p, r, p]).slice(0, 2), alone);
});
