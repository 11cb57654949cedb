import { skillOf } from '../skill';
import { partSeed, tryWithin } from '../spaces';
import type { Blueprint, BlueprintRow } from './blueprint';
import { optionsOf } from './choice';
import { classesOf, type DearRow, type EmptyRow } from './classes';
import { conflictsOf, Feasibility, solveStepwise, type PlanConflict } from './conflicts';
import { linesOf, Model, sectionsOf, type Solver } from './model';
import { arranged } from './arrange';
import { goalOf } from './goal';
import { usualHouse, type House } from './paper-part';
import type { DrawnPart, ExamPart } from './exam-part';
import { Remembered } from './alike';
import { bandOf, bands, type Band, type PartClass } from './part-class';

/** What an assembled exam comes to; it is an estimate where it says how hard or how long. */
export interface Totals {
  readonly marks: number;
  readonly minutes: number;
  /** Of the difficulties by marks, in logits. */
  readonly mean: number;
  /** Shares of the marks, from 0 to 1. */
  readonly easy: number;
  readonly middling: number;
  readonly hard: number;
  readonly patterns: Readonly<Record<string, number>>;
}

export type Assembled =
  | {
      readonly ok: true;
      readonly parts: readonly ExamPart[];
      readonly totals: Totals;
      readonly seed: number;
    }
  | { readonly ok: false; readonly error: AssemblyError };

export type AssemblyError =
  | EmptyRow
  | ({ readonly code: 'impossible'; readonly more: readonly PlanConflict[] } & PlanConflict)
  /** No paper was found within the work there is; without any one of these lines it is, or may be. */
  | DearRow;

/** Work of a whole plan, and of finding out which line makes it too hard. */
const PLAN_WORK = 60e6;
const LOOSENING_WORK = 20e6;

/** What is drawn of a class may fall short of what was counted: so often it is counted anew. */
const MOST_ROUNDS = 4;

/** Puts a paper together that meets a plan; the same plan, seed and solver give the same paper. */
export function assemble(
  plan: Blueprint,
  seed: number,
  solver: Solver,
  house: House = usualHouse
): Assembled {
  return (
    tryWithin(PLAN_WORK, () => assembled(plan, { seed, house }, solver)) ??
    tooHard(linesOf(plan, []).map(({ name }) => name))
  );
}

interface Asked {
  readonly seed: number;
  readonly house: House;
}

const tooHard = (leaveOut: readonly string[]): Assembled => ({
  ok: false,
  error: { code: 'too-hard', leaveOut }
});

function assembled(plan: Blueprint, { seed, house }: Asked, solver: Solver): Assembled {
  const found = classesOf(plan, seed, house);
  if (!found.ok) return found;
  let { classes } = found;
  for (let round = 0; ; round++) {
    const model = new Model(plan, classes, solver);
    const lines = linesOf(plan, classes);
    const step = plan.rising ? plan.step : undefined;
    const feasible = new Feasibility(model, lines, step);
    if (round === MOST_ROUNDS) return tooHard(loosening(feasible));
    const all = lines.flatMap((line) => line.constraints);
    const solved = solveStepwise(model, all, step, goalOf(classes, seed));
    if (solved.status === 'unknown') return tooHard(loosening(feasible));
    if (solved.status === 'impossible') {
      // What was not looked into might do after all.
      if (!found.isExact && round > 0) return tooHard(loosening(feasible));
      const [first, ...more] = conflictsOf(feasible);
      return first
        ? { ok: false, error: { code: 'impossible', ...first, more } }
        : tooHard(loosening(feasible));
    }
    const drawn = draw(plan, classes, solved.taken, { seed, house });
    if (drawn.ok) {
      const parts = arranged(plan, drawn.parts, seed, sectionsOf(plan));
      return { ok: true, parts, totals: totalsOf(plan, drawn.parts), seed };
    }
    classes = classes.map((one, at) => (at === drawn.short ? { ...one, most: drawn.found } : one));
  }
}

/** The lines without any one of which a paper is found; all of them if there is none. */
function loosening(feasible: Feasibility): readonly string[] {
  const { names } = feasible;
  const found = tryWithin(LOOSENING_WORK, () =>
    names.filter((name) => feasible.canHold(names.filter((other) => other !== name)))
  );
  return found && found.length > 0 ? found : names;
}

type Drawn =
  | { readonly ok: true; readonly parts: readonly DrawnPart[] }
  | { readonly ok: false; readonly short: number; readonly found: number };

function draw(
  plan: Blueprint,
  classes: readonly PartClass[],
  taken: readonly number[],
  { seed, house }: Asked
): Drawn {
  const parts: DrawnPart[] = [];
  const used = new Set<string>();
  const on = { taken: used, remembered: new Remembered() };
  const key = ({ skill }: PartClass, given: unknown) =>
    skill === null ? '' : skillOf(skill).itemKey(given);
  for (const [at, own] of classes.entries()) {
    const count = taken[at]!;
    if (count === 0) continue;
    const row = plan.rows.find(({ id }) => id === own.row)!;
    const given = own.draw(count, partSeed(seed, `${at}`), on);
    if (given.length < count) return { ok: false, short: at, found: given.length };
    for (const item of given) {
      used.add(key(own, item));
      parts.push(partOf(row, own, item, { seed, house }));
    }
  }
  return { ok: true, parts };
}

function partOf(
  row: BlueprintRow,
  own: PartClass,
  given: unknown,
  { seed, house }: Asked
): DrawnPart {
  const { section, skill, school, marks, difficulty, seconds } = own;
  const options =
    row.kind === 'choice' && skill !== null && school !== null
      ? optionsOf(skillOf(skill), given, school, seed, house.style)
      : undefined;
  return {
    ...{ of: own, row: row.id, section, skill, school, given, kind: row.kind },
    ...{ marks, difficulty, seconds },
    ...(options && { options })
  };
}

function totalsOf({ patterns = {} }: Blueprint, parts: readonly DrawnPart[]): Totals {
  const sum = (count: (part: DrawnPart) => number) =>
    parts.reduce((total, part) => total + count(part), 0);
  const marks = sum((part) => part.marks);
  const share = (band: Band) => sum((part) => (bandOf(part) === band ? part.marks : 0)) / marks;
  const [easy, middling, hard] = bands.map(share) as [number, number, number];
  return {
    ...{ marks, easy, middling, hard },
    minutes: sum((part) => part.seconds) / 60,
    mean: sum((part) => part.marks * part.difficulty) / marks / 100,
    patterns: Object.fromEntries(
      Object.keys(patterns).map((key) => [key, sum(({ of }) => Number(of.patterns.includes(key)))])
    )
  };
}
