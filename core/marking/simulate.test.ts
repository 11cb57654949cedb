import assert from 'node:assert/strict';
import { test } from 'node:test';
import { likelyPatterns, patternEvidence, type Observation } from '../analysis';
import { drawItems, skillOf, WorkedItem } from '../skill';
import { loadSkills } from '../catalogue';
import { partSeed, seededRandom } from '../spaces';
import { markItem } from './mark-item';
import { simulate, type SimulatedPupil } from './simulate';

await loadSkills(['column-addition']);
const skill = skillOf('column-addition');

function paperItems(): WorkedItem[] {
  const drawn = drawItems(skill, {
    controls: { addends: 2, digits: 3, shortest: { max: 2 }, carries: 2 },
    count: 12,
    seed: 11
  });
  assert.ok(drawn.ok);
  return drawn.given.map((given) => new WorkedItem(skill, given, 'columns'));
}

function observe(item: WorkedItem, working: Record<string, string>): Observation {
  const marked = markItem(item, working);
  return {
    couldShow: item.showing().map(({ pattern }) => pattern.id),
    didShow: [...new Set(marked.diagnosis.flatMap(({ patterns }) => patterns))],
    right: marked.answer.verdict === 'correct'
  };
}

test('marking a simulated pupil recovers the pattern held, by working and by bare answers', () => {
  const items = paperItems();
  for (const { id } of skill.patterns.filter(({ id }) => id !== 'last-carry-dropped')) {
    const pupil: SimulatedPupil = {
      holds: [{ pattern: id, degree: 0.9 }],
      slipRate: 0.05,
      writesMarks: 0.5,
      leavesOut: 0
    };
    for (const bare of [false, true]) {
      const seen = items.map((item, at) => {
        const random = seededRandom(partSeed(at, id));
        const { working } = simulate(item, pupil, random);
        return observe(item, bare ? { answer: working['answer']! } : { ...working });
      });
      const [likeliest] = [...patternEvidence(seen)].sort((a, b) => b.probability - a.probability);
      assert.equal(likeliest!.pattern, id);
      assert.ok(likeliest!.probability > 0.9, `${id}: ${likeliest!.probability}`);
    }
  }
});

test('a pupil who only slips is not taken for a holder', () => {
  const pupil: SimulatedPupil = { holds: [], slipRate: 0.3, writesMarks: 0.5, leavesOut: 0.05 };
  const items = paperItems();
  for (let seed = 0; seed < 30; seed++) {
    const random = seededRandom(seed);
    const seen = items.map((item) => observe(item, { ...simulate(item, pupil, random).working }));
    assert.deepEqual(likelyPatterns(patternEvidence(seen)), []);
  }
});
