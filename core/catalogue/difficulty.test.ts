import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { analyseItem, difficultyOf, type Skill } from '../skill';
import { skills } from './skills.test-helper';

/** The items of docs/difficulty.md, easiest first, with the difficulty judged of each. */
const judged = readFileSync(new URL('../../docs/difficulty.md', import.meta.url), 'utf8')
  .split('\n')
  .flatMap((line) => {
    const [, value, id, item] = /^\| (-?\d\.\d) \| ([a-z-]+) \| (.+) \|$/.exec(line) ?? [];
    return value ? [{ judged: Number(value), skill: id!, item: item! }] : [];
  });

function predicted(skill: Skill, item: string): number {
  return analyseItem(skill, skill.given.parse(item)).difficulty;
}

/** Spearman's rank correlation, with the mean rank for ties. */
function rankCorrelation(pairs: readonly (readonly [number, number])[]): number {
  const ranks = (values: readonly number[]) =>
    values.map(
      (value) =>
        values.filter((other) => other < value).length +
        (values.filter((other) => other === value).length - 1) / 2
    );
  const [one, other] = [ranks(pairs.map(([a]) => a)), ranks(pairs.map(([, b]) => b))];
  const mean = (pairs.length - 1) / 2;
  const product = (a: readonly number[], b: readonly number[]) =>
    a.reduce((sum, value, at) => sum + (value - mean) * (b[at]! - mean), 0);
  return product(one, other) / Math.sqrt(product(one, one) * product(other, other));
}

test('predicted difficulties follow the list that was ordered by judgement', () => {
  const pairs = judged.map((row) => {
    const skill = skills.find(({ id }) => id === row.skill);
    assert.ok(skill, row.skill);
    const found = predicted(skill, row.item);
    assert.ok(Math.abs(found - row.judged) <= 0.7, `${row.item}: ${found}, judged ${row.judged}`);
    return [row.judged, found] as const;
  });
  assert.ok(judged.length >= 60, String(judged.length));
  const correlation = rankCorrelation(pairs);
  assert.ok(correlation >= 0.97, String(correlation));
  for (const { id } of skills) {
    assert.ok(judged.filter(({ skill }) => skill === id).length >= 5, id);
  }
});

test('difficulties lie between -4 and 4, however large an item is', () => {
  for (const skill of skills) {
    const features = skill.features.map((feature) => [
      feature.id,
      feature.kind === 'number' ? [feature.min, feature.max] : [0, 1]
    ]);
    for (const end of [0, 1]) {
      const extreme = Object.fromEntries(
        features.map(([id, ends]) => [id, (ends as number[])[end]!])
      );
      assert.ok(Math.abs(difficultyOf(skill.weights, extreme)) <= 4, skill.id);
    }
  }
});
