import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { outliers, schemePage, schemeRows, type ListedKind } from './scheme-list.test-helper';

const rows = schemeRows();

test('the list of schemes in docs is what the program computes', () => {
  const page = readFileSync(new URL('../../docs/schemes.md', import.meta.url), 'utf8');
  assert.equal(page, schemePage(rows), 'npx tsx scripts/make/schemes.ts writes it anew');
});

test('within a presentation marks a minute differ by less than ten times, but for the outliers that are listed', () => {
  for (const kind of ['set-out', 'bare'] as const) {
    const rates = rows
      .filter(({ skill }) => !outliers[kind].includes(skill))
      .map(({ of }) => of[kind].marksAMinute);
    const [slowest, fastest] = [Math.min(...rates), Math.max(...rates)];
    assert.ok(fastest < 10 * slowest, `${kind}: ${slowest} to ${fastest}`);
    // A skill that is no outlier does not stand in the list of them.
    for (const skill of outliers[kind]) {
      const own = rows.filter((row) => row.skill === skill).map(({ of }) => of[kind].marksAMinute);
      const [low, high] = [Math.min(slowest, ...own), Math.max(fastest, ...own)];
      assert.ok(high >= 10 * low, `${skill}, ${kind}`);
    }
  }
});

/** Parts of a usual paper: rungs of a skill from 0, as they are presented. */
type Parts = readonly (readonly [skill: string, kind: ListedKind, rungs: readonly number[]])[];

const papers: Readonly<Record<string, Parts>> = {
  'arithmetic, 40 marks': [
    ['near-multiple-addition', 'bare', [2, 3]],
    ['complement', 'bare', [2, 3]],
    ['double-and-halve', 'bare', [2, 3]],
    ['column-addition', 'set-out', [3, 4]],
    ['column-subtraction', 'set-out', [3, 4]],
    ['short-multiplication', 'set-out', [2, 3]],
    ['short-division', 'set-out', [2, 3]],
    ['long-multiplication', 'set-out', [2]],
    ['long-division', 'set-out', [2]],
    ['decimal-addition', 'set-out', [2]],
    ['decimal-subtraction', 'set-out', [2]],
    ['mixed-addition', 'set-out', [1]],
    ['mixed-subtraction', 'set-out', [3]]
  ],
  'decimals and fractions, 36 marks': [
    ['order-decimals', 'set-out', [1, 2]],
    ['decimal-addition', 'set-out', [1, 2]],
    ['decimal-subtraction', 'set-out', [2, 3]],
    ['decimal-multiplication', 'set-out', [1, 3]],
    ['decimal-division', 'set-out', [1, 2]],
    ['decimal-addition', 'bare', [0, 1]],
    ['mixed-addition', 'set-out', [0, 3]],
    ['mixed-subtraction', 'set-out', [0, 3]]
  ],
  'number and algebra, 35 marks': [
    ['near-base-square', 'bare', [0, 1]],
    ['square-ending-five', 'bare', [0, 1]],
    ['exact-cube-root', 'bare', [0, 1]],
    ['factorise-quadratic', 'bare', [0]],
    ['factorise-quadratic', 'set-out', [0, 1, 2, 3]],
    ['long-multiplication', 'set-out', [3, 5]],
    ['long-division', 'set-out', [3]],
    ['mixed-subtraction', 'set-out', [2, 3]]
  ]
};

test('three usual papers come to a minute a mark, give or take a fifth (common practice)', () => {
  for (const [title, parts] of Object.entries(papers)) {
    const of = parts.flatMap(([skill, kind, rungs]) => {
      const own = rows.filter((row) => row.skill === skill);
      return rungs.map((at) => own[at]!.of[kind]);
    });
    const minutes = of.reduce((sum, part) => sum + part.minutes, 0);
    const marks = of.reduce((sum, part) => sum + part.minutes * part.marksAMinute, 0);
    const each = minutes / marks;
    assert.ok(each >= 0.8 && each <= 1.2, `${title}: ${marks} marks, ${minutes} minutes`);
    assert.match(title, new RegExp(`, ${Math.round(marks)} marks$`));
  }
});
