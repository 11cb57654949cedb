import assert from 'node:assert/strict';
import { test } from 'node:test';
import { patternEvidence } from '../analysis';
import { drawItems, itemsUnder, patternsIn, WorkedItem } from '../skill';
import { schoolsOf, skills, worked } from '../catalogue/skills.test-helper';
import { partSeed, seededRandom } from '../spaces';
import { markItem } from '.';
import { simulate, type SimulatedPupil } from './simulate';

/** The patterns named first for a bare wrong answer. */
function named(skill: string, line: string, answer: string): readonly string[] {
  return markItem(worked(skill, line), { answer }).diagnosis[0]?.patterns ?? [];
}

test('strategies are told apart by a bare wrong answer', () => {
  const cases = [
    ['near-base-square', '98²', '10664', 'deviation-from-last-digit'],
    ['near-base-multiplication', '112 x 109', '121108', 'overlap-appended'],
    ['near-base-multiplication', '106 x 97', '10318', 'mixed-side-added'],
    ['exact-cube-root', '∛12167', '27', 'ending-not-complemented'],
    ['exact-cube-root', '∛12167', '33', 'bracket-rounded-up'],
    ['bridge-addition', '198 + 57', '257', 'given-not-taken'],
    ['near-multiple-addition', '576 + 197', '779', 'compensated-wrong-way'],
    ['complement', '1000 - 43', '57', 'leading-nines-lost'],
    ['near-doubles', '65 + 67', '136', 'difference-added-to-larger'],
    ['repunit-multiplication', '463 x 11', '4093', 'carry-dropped'],
    ['double-and-halve', '12 x 16', '48', 'not-doubled-back'],
    ['compatible-addition', '53 + 47 + 62 + 48', '200', 'decoy-taken']
  ] as const;
  for (const [skill, line, answer, pattern] of cases) {
    assert.ok(
      named(skill, line, answer).includes(pattern),
      `${line} = ${answer}: ${named(skill, line, answer)}`
    );
  }
});

test('own figures are followed through a strategy, and another way of doing it is as good', () => {
  const mark = (skill: string, line: string, working: Record<string, string>) =>
    markItem(worked(skill, line), working);
  // Made up the other addend: 57 to 60, and 195 are left.
  const other = mark('bridge-addition', '198 + 57', { multiple: '60', rest: '195', answer: '255' });
  assert.deepEqual([other.marks.awarded, other.firstSlip], [2, null]);
  // 97 and 93 by their deviations without the signs.
  const unsigned = mark('near-base-multiplication', '97 x 93', {
    ...{ 'deviation.left': '3', 'deviation.right': '7', cross: '90', scaled: '9000' },
    ...{ product: '21', answer: '9021' }
  });
  assert.deepEqual([unsigned.marks.awarded, unsigned.firstSlip], [2, null]);
  // A slip in the product of what is left, doubled back faithfully.
  const slip = mark('double-and-halve', '12 x 16', {
    ...{ 'halved.left.1': '6', 'halved.right.1': '8', core: '42', 'doubled.1': '84' },
    answer: '168'
  });
  assert.equal(slip.firstSlip, 'core');
  assert.ok(
    slip.steps.some(({ verdict }) => verdict === 'follows-through'),
    'followed'
  );
});

test('two hundred simulated scripts of mental papers: the pattern held is found, from working and from bare answers', () => {
  let [scripts, found] = [0, 0];
  const missed: string[] = [];
  for (const skill of skills.filter(({ family }) => family === 'mental')) {
    const [school] = schoolsOf(skill) as [string];
    for (const pattern of patternsIn(skill, school)) {
      const controls = pattern.shownBy;
      const count = Math.min(10, Number(itemsUnder(skill, controls).usable));
      const drawn = drawItems(skill, { controls, count, seed: 3, allDifferent: true });
      assert.ok(drawn.ok, pattern.id);
      const items = drawn.given.map((given) => new WorkedItem(skill, given, school));
      const pupil: SimulatedPupil = {
        ...{ holds: [{ pattern: pattern.id, degree: 0.9 }], slipRate: 0.05 },
        ...{ writesMarks: 0.5, leavesOut: 0 }
      };
      for (let script = 0; script < 6; script++) {
        const seen = items.map((item, at) => {
          const random = seededRandom(partSeed(at, `${pattern.id} ${script}`));
          const { working } = simulate(item, pupil, random);
          const written = script % 2 === 0 ? { ...working } : { answer: working['answer'] ?? '' };
          const marked = markItem(item, written);
          return {
            couldShow: item.showing().map((shown) => shown.pattern.id),
            didShow: [...new Set(marked.diagnosis.flatMap(({ patterns }) => patterns))],
            right: marked.answer.verdict === 'correct'
          };
        });
        const evidence = patternEvidence(seen);
        const most = Math.max(...evidence.map(({ probability }) => probability));
        const isFound = evidence.some(
          (one) => one.pattern === pattern.id && one.probability === most && most > 0.8
        );
        scripts++;
        if (isFound) found++;
        else missed.push(`${skill.id}/${pattern.id}`);
      }
    }
  }
  assert.ok(scripts >= 200, `${scripts} scripts`);
  assert.ok(found / scripts >= 0.97, `${found} of ${scripts}: ${missed.join(', ')}`);
});
