import { spend } from '../spaces';
import { MOST_PARTS, NO_SECTION, partsOf, type Blueprint, type Bounds } from './blueprint';
import { bandOf, bands, type PartClass } from './part-class';
import type { Cut } from './steps';

/** A sum over the classes, with how many parts are taken of each, that must lie within bounds. */
export interface Constraint {
  /** What each part of a class counts, in the order of the classes. */
  readonly counts: readonly number[];
  readonly bounds: Bounds;
}

/** One line of a plan by its name, with all that it asks. */
export interface Line {
  readonly name: string;
  readonly constraints: readonly Constraint[];
  /** What is added up for its bounds, and how a bound is said of the sum; null where it has none. */
  readonly measure: Measure | null;
  /** Other values of a line that is no sum, the nearest first, each with what it asks instead. */
  readonly others?: readonly { readonly value: Bounds; readonly constraint: Constraint }[];
}

/** The sum behind a line's bounds. */
interface Measure {
  readonly counts: readonly number[];
  /** The bounds as the plan says them. */
  readonly said: Bounds;
  /** What a sum is in the words of the plan, rounded so that the bound still holds. */
  say(sum: number, side: 'min' | 'max'): number;
}

/** Shares and means are compared with whole sums; what they lose in floating point is not held against them. */
const EPSILON = 1e-6;

/** The lines of a plan over what its rows could be filled with. */
export function linesOf(plan: Blueprint, classes: readonly PartClass[]): Line[] {
  const { total, minutes, difficulty, patterns = {}, sections = [], rows } = plan;
  const of = (count: (one: PartClass) => number) => classes.map(count);
  const marks = of((one) => one.marks);
  const lines: Line[] = [plain('total', marks, { min: total, max: total })];
  if (minutes) {
    const seconds = of((one) => one.seconds);
    lines.push(scaled('minutes', seconds, minutes, 60, 2));
  }
  if (difficulty?.mean) {
    const weighed = of((one) => one.marks * one.difficulty);
    lines.push(scaled('difficulty.mean', weighed, difficulty.mean, 100 * total, 2));
  }
  for (const band of bands) {
    const share = difficulty?.[band];
    if (!share) continue;
    const own = of((one) => (bandOf(one) === band ? one.marks : 0));
    lines.push(scaled(`difficulty.${band}`, own, share, total, 4));
  }
  for (const [key, min] of Object.entries(patterns)) {
    lines.push(
      plain(
        `patterns.${key}`,
        of((one) => Number(one.patterns.includes(key))),
        { min }
      )
    );
  }
  for (const section of sections) {
    const within = (count: (one: PartClass) => number) =>
      of((one) => (one.section === section.id ? count(one) : 0));
    if (section.marks) {
      lines.push(
        plain(
          `sections.${section.id}.marks`,
          within((one) => one.marks),
          section.marks
        )
      );
    }
    if (section.minutes) {
      const seconds = within((one) => one.seconds);
      lines.push(scaled(`sections.${section.id}.minutes`, seconds, section.minutes, 60, 2));
    }
  }
  for (const row of rows) {
    const within = (count: (one: PartClass) => number) =>
      of((one) => (one.row === row.id ? count(one) : 0));
    const parts = plain(
      `rows.${row.id}.parts`,
      within(() => 1),
      partsOf(row)
    );
    const also = [...spreadCounts(row, within), ...covered(row, within)];
    lines.push({ ...parts, constraints: [...parts.constraints, ...also] });
    if (row.marks)
      lines.push(
        plain(
          `rows.${row.id}.marks`,
          within((one) => one.marks),
          row.marks
        )
      );
    if (row.difficulty) lines.push(difficultyLine(row.id, row.difficulty, classes));
  }
  return lines;
}

/** Every part of a row is as hard as it says. */
function difficultyLine(row: string, said: Bounds, classes: readonly PartClass[]): Line {
  const outside = ({ min = -Infinity, max = Infinity }: Bounds): Constraint => ({
    counts: classes.map((one) =>
      Number(
        one.row === row &&
          (one.difficulty < 100 * min - EPSILON || one.difficulty > 100 * max + EPSILON)
      )
    ),
    bounds: { max: 0 }
  });
  const { min = -Infinity, max = Infinity } = said;
  const own = classes.filter((one) => one.row === row).map((one) => one.difficulty / 100);
  const wider = [...new Set(own)].flatMap((value): { change: number; value: Bounds }[] => {
    if (value > max) return [{ change: value - max, value: { ...said, max: value } }];
    return value < min ? [{ change: min - value, value: { ...said, min: value } }] : [];
  });
  wider.sort((one, other) => one.change - other.change);
  return {
    name: `rows.${row}.difficulty`,
    constraints: [outside(said)],
    measure: null,
    // Each is a sum over all classes, and mostly nobody asks for any.
    others: wider.map(({ value }) => ({
      value,
      get constraint() {
        return outside(value);
      }
    }))
  };
}

type Within = (count: (one: PartClass) => number) => number[];

function spreadCounts({ spread }: Blueprint['rows'][number], within: Within): Constraint[] {
  return (spread?.parts ?? []).map(({ count }, at) => ({
    counts: within((one) => Number(one.spread === at)),
    bounds: { min: count, max: count }
  }));
}

function covered({ cover, skills }: Blueprint['rows'][number], within: Within): Constraint[] {
  if (!cover) return [];
  return skills.map((skill) => ({
    counts: within((one) => Number(one.skill === skill)),
    bounds: { min: 1 }
  }));
}

function plain(name: string, counts: readonly number[], said: Bounds): Line {
  return scaled(name, counts, said, 1, 0);
}

/** A line whose bounds are said in another unit than that of the sum. */
function scaled(
  name: string,
  counts: readonly number[],
  said: Bounds,
  unit: number,
  places: number
): Line {
  const { min, max } = said;
  const bounds = {
    ...(min !== undefined && { min: Math.ceil(min * unit - EPSILON) }),
    ...(max !== undefined && { max: Math.floor(max * unit + EPSILON) })
  };
  const scale = 10 ** places;
  const say = (sum: number, side: 'min' | 'max') => {
    const value = (sum / unit) * scale;
    return (side === 'min' ? Math.floor(value + EPSILON) : Math.ceil(value - EPSILON)) / scale;
  };
  return { name, constraints: [{ counts, bounds }], measure: { counts, said, say } };
}

/** A program in CPLEX's LP format, which solvers read. */
export interface Program {
  readonly constraints: readonly Constraint[];
  /** What is made small; nothing in particular if absent. */
  readonly objective?: readonly number[];
}

/** How many of each class are taken, or that there is no way, or that none was found. */
export type Solved =
  | { readonly status: 'solved'; readonly taken: readonly number[] }
  | { readonly status: 'impossible' }
  | { readonly status: 'unknown' };

/** Solves a mixed-integer program in CPLEX's LP format: the values by name. */
export type Solver = (lp: string) => {
  readonly status: 'solved' | 'impossible' | 'unknown';
  readonly values: Readonly<Record<string, number>>;
};

/** How many parts are taken more than once of a class costs so much. */
const REPEAT = 10;

/** Work of solving a program, beside that of writing it down. */
const SOLVE_WORK = 2000;

/** The program of some lines over the classes. */
export class Model {
  constructor(
    readonly plan: Blueprint,
    readonly classes: readonly PartClass[],
    private readonly solver: Solver
  ) {}

  /** Looks for parts that meet all constraints, as good as may be by the objective. */
  solve({ constraints, objective }: Program, cuts: readonly Cut[] = []): Solved {
    if (constraints.some(isHopeless)) return { status: 'impossible' };
    spend(SOLVE_WORK + this.classes.length * constraints.length);
    const { status, values } = this.solver(
      this.text({ constraints, ...(objective && { objective }) }, cuts)
    );
    if (status !== 'solved') return { status } as Solved;
    return { status, taken: this.classes.map((_, at) => Math.round(values[`x${at}`] ?? 0)) };
  }

  private text({ constraints, objective }: Program, cuts: readonly Cut[]): string {
    const { classes } = this;
    const rows: string[] = [];
    for (const { counts, bounds } of constraints) {
      const sum = sumOf(counts);
      if (sum === '') continue;
      if (bounds.min !== undefined && bounds.min === bounds.max)
        rows.push(`${sum} = ${bounds.min}`);
      else {
        if (bounds.min !== undefined) rows.push(`${sum} >= ${bounds.min}`);
        if (bounds.max !== undefined) rows.push(`${sum} <= ${bounds.max}`);
      }
    }
    const more: string[] = [];
    const binary: string[] = [];
    for (const [at, row] of this.plan.rows.entries()) {
      if (!row.question) continue;
      const counts = classes.map((one) => Number(one.row === row.id));
      if (counts.every((count) => count === 0)) continue;
      rows.push(`${sumOf(counts)} - ${row.question.parts} q${at} = 0`);
      more.push(`q${at}`);
    }
    for (const [at, { section, below, above }] of cuts.entries()) {
      const where = (test: (difficulty: number) => boolean) =>
        classes.map((one) => Number(one.section === section && test(one.difficulty)));
      const [low, high] = [where((d) => d <= below), where((d) => d >= above)];
      const between = sumOf(where((d) => d > below && d < above));
      binary.push(`l${at}`, `h${at}`);
      rows.push(`${sumOf(low)} - ${MOST_PARTS * 30} l${at} <= 0`);
      rows.push(`${sumOf(high)} - ${MOST_PARTS * 30} h${at} <= 0`);
      rows.push(`${between === '' ? '' : `${between} `}- l${at} - h${at} >= -1`);
    }
    const repeats = objective ? classes.flatMap((one, at) => (one.most > 1 ? [at] : [])) : [];
    for (const at of repeats) rows.push(`x${at} - r${at} <= 1`);
    const goal = objective
      ? [sumOf(objective), ...repeats.map((at) => `+ ${REPEAT} r${at}`)].filter(Boolean).join(' ')
      : '0 x0';
    return [
      'Minimize',
      ` goal: ${goal || '0 x0'}`,
      'Subject To',
      ...rows.map((row, at) => ` c${at}: ${row}`),
      'Bounds',
      ...classes.map(({ least, most }, at) => ` ${least} <= x${at} <= ${most}`),
      ...repeats.map((at) => ` 0 <= r${at} <= ${MOST_PARTS}`),
      ...more.map((name) => ` 0 <= ${name} <= ${MOST_PARTS}`),
      'General',
      ` ${[...classes.map((_, at) => `x${at}`), ...more].join(' ')}`,
      ...(binary.length > 0 ? ['Binary', ` ${binary.join(' ')}`] : []),
      'End'
    ].join('\n');
  }
}

/** A sum of nothing that must be something. */
function isHopeless({ counts, bounds: { min = -Infinity, max = Infinity } }: Constraint): boolean {
  return counts.every((count) => count === 0) && (min > 0 || max < 0);
}

function sumOf(counts: readonly number[]): string {
  return counts
    .flatMap((count, at) =>
      count === 0 ? [] : [`${count < 0 ? '-' : '+'} ${Math.abs(count)} x${at}`]
    )
    .join(' ');
}

/** All sections that have parts, in the order of the plan; rows that name none stand last. */
export function sectionsOf({ sections = [], rows }: Blueprint): string[] {
  const named = sections.map(({ id }) => id);
  return rows.some(({ section }) => section === undefined) ? [...named, NO_SECTION] : named;
}
