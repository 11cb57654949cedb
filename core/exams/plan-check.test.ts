import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../catalogue/all';
import { OWN_QUESTION } from '../catalogue';
import type { Blueprint } from './blueprint';
import type { ExamOutline } from './outline';
import { checkPlan } from './plan-check';

/** What a part comes to, as far as a plan looks at it. */
interface Told {
  readonly row: string;
  readonly skill: string;
  readonly marks: number;
  readonly difficulty?: number;
  readonly number?: number;
}

const outline = (...parts: readonly Told[]): ExamOutline =>
  ({
    parts: parts.map(({ row, skill, marks, difficulty = 0, number }, at) => ({
      part: { id: `p${at}`, row, skill, school: 'any', given: null, kind: 'bare' },
      section: { id: 's1' },
      number: number ?? at + 1,
      facts: { marks, difficulty, seconds: 60, patterns: [], features: {} }
    }))
  }) as unknown as ExamOutline;

const plan = (more: Partial<Blueprint>): Blueprint => ({
  ...{ total: 6, rows: [{ id: 'a', skills: ['doubling', 'near-doubles'], kind: 'bare' }] },
  ...more
});

const met = (asked: Blueprint, paper: ExamOutline) =>
  Object.fromEntries(checkPlan(asked, paper).map(({ line, isMet }) => [line, isMet]));

test('the marks of a paper are held against the total, and of a row against what it says', () => {
  const asked = plan({
    rows: [{ id: 'a', skills: ['doubling'], kind: 'bare', marks: { min: 4, max: 5 } }]
  });
  const own = { row: 'a', skill: 'doubling' };
  const wanted = outline({ ...own, marks: 2 }, { ...own, marks: 2 }, { ...own, row: '', marks: 2 });
  const lines = checkPlan(asked, wanted);
  assert.deepEqual(
    lines.filter(({ isMet }) => !isMet),
    []
  );
  assert.deepEqual(
    lines.filter(({ line }) => /total|marks/.test(line)).map(({ value }) => value),
    [6, 4]
  );
  assert.ok(!Object.values(met(asked, outline({ ...own, marks: 3 }))).every(Boolean));
});

test('a row that covers its skills needs each of them; a question of one’s own is none of them', () => {
  const asked = plan({
    total: 4,
    rows: [{ id: 'a', skills: ['doubling', 'near-doubles'], kind: 'bare', cover: true }]
  });
  const all = (...skills: readonly string[]) =>
    Object.values(
      met(asked, outline(...skills.map((skill) => ({ row: 'a', skill, marks: 4 / skills.length }))))
    ).every(Boolean);
  assert.equal(all('doubling', 'near-doubles'), true);
  assert.equal(all('doubling', 'doubling'), false);
  assert.equal(all('doubling', OWN_QUESTION), false);
});

test('questions rise if none is easier than the one before, by the step that is allowed at most', () => {
  const own = { row: 'a', skill: 'doubling', marks: 2 };
  const rises = (step: number, ...difficulties: readonly number[]) =>
    met(
      plan({ rising: true, step }),
      outline(...difficulties.map((difficulty) => ({ ...own, difficulty })))
    )['rising'];
  assert.equal(rises(1, -1, 0, 0.5), true);
  assert.equal(rises(1, -1, 0.5, 0.6), false);
  assert.equal(rises(8, 0, -0.1, 1), false);
  // Parts of one question count together, by their marks.
  const together = outline(
    { ...own, difficulty: 0, number: 1 },
    { ...own, difficulty: 2, number: 2 },
    { ...own, difficulty: 0, number: 2 }
  );
  assert.equal(met(plan({ rising: true, step: 1 }), together)['rising'], true);
});
