import assert from 'node:assert/strict';
import { test } from 'node:test';
import { patternEvidence } from '../../../analysis';
import { markItem } from '../../../marking';
import { simulate, type SimulatedPupil } from '../../../marking/simulate';
import { drawItems, WorkedItem } from '../../../skill';
import { partSeed, seededRandom } from '../../../spaces';
import { skill } from './sample.test-helper';

/** A paper whose words point the right way on some problems and the wrong way on others. */
function paper(): WorkedItem[] {
  const plain = { steps: 1, distractors: 0, hidden: 0, numbers: ['whole'] };
  const drawn = [
    { controls: { ...plain, operations: ['addition'], language: ['inconsistent'] }, count: 4 },
    { controls: { ...plain, operations: ['subtraction'], language: ['inconsistent'] }, count: 4 },
    { controls: { ...plain, operations: ['addition'], language: ['consistent'] }, count: 3 },
    { controls: { ...plain, operations: ['subtraction'], language: ['consistent'] }, count: 3 },
    { controls: { ...plain, steps: 2 }, count: 3 }
  ].flatMap(({ controls, count }, at) => {
    const some = drawItems(skill, { controls, count, seed: 60 + at });
    assert.ok(some.ok);
    return some.given;
  });
  return drawn.map((given) => new WorkedItem(skill, given, 'told'));
}

const items = paper();

/** What marking finds of what a pupil wrote at each item. */
function namedFor(
  write: (item: WorkedItem, at: number) => Readonly<Record<string, string>>
): string[] {
  const seen = items.map((item, at) => {
    const marked = markItem(item, write(item, at));
    return {
      couldShow: item.showing().map(({ pattern }) => pattern.id),
      didShow: [...new Set(marked.diagnosis.flatMap(({ patterns }) => patterns))],
      right: marked.answer.verdict === 'correct'
    };
  });
  const evidence = patternEvidence(seen);
  const most = Math.max(...evidence.map(({ probability }) => probability));
  return evidence
    .filter(({ probability }) => probability > 0.8 && probability === most)
    .map(({ pattern }) => pattern);
}

test('two hundred simulated pupils: who goes by key words is found, who only slips is not', () => {
  const patterns = ['keyword-followed', 'all-numbers-added', 'stops-after-first-step', null];
  let [right, holders] = [0, 0];
  const wrong: string[] = [];
  for (let pupil = 0; pupil < 200; pupil++) {
    const pattern = patterns[pupil % patterns.length]!;
    const hand: SimulatedPupil = {
      holds: pattern === null ? [] : [{ pattern, degree: 0.9 }],
      ...{ slipRate: 0.05, writesMarks: 0.5, leavesOut: 0 }
    };
    const named = namedFor((item, at) => {
      const random = seededRandom(partSeed(at, `pupil ${pupil}`));
      const { working } = simulate(item, hand, random);
      return pupil % 8 < 4 ? { ...working } : { answer: working['answer'] ?? '' };
    });
    holders++;
    if (pattern === null ? named.length === 0 : named.includes(pattern)) right++;
    else wrong.push(`${pupil} ${String(pattern)}: ${named.join()}`);
  }
  assert.ok(right / holders >= 0.95, `${right} of ${holders}: ${wrong.join('; ')}`);
});

test('a pupil who always subtracts is not taken for one who goes by key words', () => {
  const named = namedFor((item) => {
    const given = item.given as { quantities: { value: string }[]; operations: unknown[] };
    const [one, other] = given.quantities.map(({ value }) => Number(value)) as [number, number];
    return { answer: String(Math.abs(one - other)) };
  });
  assert.ok(!named.includes('keyword-followed'), named.join());
});
