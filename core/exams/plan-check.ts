import { OWN_QUESTION } from '../catalogue';
import { patternKey, type Features } from '../skill';
import type { Blueprint, Bounds } from './blueprint';
import { spreadOf } from './row-facts';
import { linesOf } from './model';
import type { ExamOutline, OutlinedPart } from './outline';
import type { PartClass } from './part-class';

/** A line of a plan, and what a paper comes to in it. */
export interface PlanLine {
  readonly line: string;
  /** What the plan says; null for a line that is no sum. */
  readonly said: Bounds | null;
  /** What the paper has, in the unit of the plan; null for a line that is no sum. */
  readonly value: number | null;
  readonly isMet: boolean;
}

/** Every line of a plan with what a paper comes to in it: the same sums by which papers are put together. */
export function checkPlan(plan: Blueprint, { parts }: ExamOutline): PlanLine[] {
  const asked = Object.keys(plan.patterns ?? {});
  const classes = parts.map((part) => classOf(plan, part, asked));
  const lines = linesOf(plan, classes).map(({ name, constraints, measure }): PlanLine => {
    const isMet = constraints.every(({ counts, bounds: { min = -Infinity, max = Infinity } }) => {
      const sum = added(counts);
      return sum >= min && sum <= max;
    });
    return {
      ...{ line: name, isMet, said: measure?.said ?? null },
      value: measure && measure.say(added(measure.counts), 'min')
    };
  });
  return plan.rising ? [...lines, risingLine(plan, parts)] : lines;
}

const added = (counts: readonly number[]) => counts.reduce((sum, count) => sum + count, 0);

function classOf(
  plan: Blueprint,
  { part, section, facts }: OutlinedPart,
  asked: readonly string[]
): PartClass {
  const row = plan.rows.find(({ id }) => id === part.row);
  const shown = facts.patterns.map(({ id }) => patternKey(part.skill, id));
  return {
    ...{ row: part.row, section: section.id, marks: facts.marks, seconds: facts.seconds },
    skill: part.skill === OWN_QUESTION ? null : part.skill,
    school: part.school,
    difficulty: Math.round(100 * facts.difficulty),
    patterns: asked.filter((key) => shown.includes(key)),
    spread: row ? spreadOf(row, facts.features as Features) : null,
    ...{ most: 1, least: 1, isAtHand: true, draw: () => [part.given] }
  };
}

/** Whether questions rise within their sections, and by how much at once. */
function risingLine({ step = Infinity }: Blueprint, parts: readonly OutlinedPart[]): PlanLine {
  const sections = [...new Set(parts.map(({ section }) => section.id))].map((id) =>
    questionDifficulties(parts.filter(({ section }) => section.id === id))
  );
  const rises = sections.flatMap((difficulties) =>
    difficulties.slice(1).map((value, at) => value - difficulties[at]!)
  );
  const isMet = rises.every((rise) => rise >= -ROUNDING && rise <= step + ROUNDING);
  return { line: 'rising', said: null, value: null, isMet };
}

/** Hundredths are told apart, not what floating point makes of them. */
const ROUNDING = 1e-6;

function questionDifficulties(parts: readonly OutlinedPart[]): number[] {
  return [...new Set(parts.map(({ number }) => number))].map((number) => {
    const own = parts.filter((one) => one.number === number);
    const marks = added(own.map(({ facts }) => facts.marks));
    return added(own.map(({ facts }) => facts.marks * facts.difficulty)) / Math.max(1, marks);
  });
}
