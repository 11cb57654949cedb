import type { Bounds } from './blueprint';
import { gapsIn, MOST_CUTS, type Cut } from './steps';
import { linesOf, type Constraint, type Line, type Model, type Solved } from './model';

/** Lines of a plan that cannot hold together, and one bound of each that would let all others hold. */
export interface PlanConflict {
  readonly conflict: readonly string[];
  /** The nearest value of a line, with all others held but those of independent conflicts; null where none works. */
  readonly nearest: Readonly<Record<string, number | Bounds | null>>;
}

/** The line that questions rise by no more than a step. */
const RISING = 'rising';

/** Asks a model whether lines can hold together. */
export class Feasibility {
  constructor(
    private readonly model: Model,
    readonly lines: readonly Line[],
    private readonly step: number | undefined
  ) {}

  get names(): string[] {
    const rising = this.step === undefined ? [] : [RISING];
    return [...this.lines.map(({ name }) => name), ...rising];
  }

  /** Whether these lines can hold, with other constraints beside them. */
  canHold(names: readonly string[], more: readonly Constraint[] = [], step = this.step): boolean {
    const constraints = [
      ...this.lines.filter(({ name }) => names.includes(name)).flatMap((line) => line.constraints),
      ...more
    ];
    const wantsStep = names.includes(RISING) && step !== undefined;
    return solveStepwise(this.model, constraints, wantsStep ? step : undefined).status === 'solved';
  }

  /** The nearest total with which some lines hold: shares of the marks change with it. */
  nearestTotal(names: readonly string[]): number | null {
    const { plan, classes } = this.model;
    for (let by = 1; by <= FARTHEST_TOTAL; by++) {
      for (const total of [plan.total - by, plan.total + by]) {
        if (total < 1) continue;
        const lines = linesOf({ ...plan, total }, classes);
        if (new Feasibility(this.model, lines, this.step).canHold(names)) return total;
      }
    }
    return null;
  }

  /** The least, or the most, that a sum can be while some lines hold. */
  extreme(
    names: readonly string[],
    counts: readonly number[],
    side: 'least' | 'most',
    more: readonly Constraint[] = []
  ): number | undefined {
    const constraints = [
      ...this.lines.filter(({ name }) => names.includes(name)).flatMap((line) => line.constraints),
      ...more
    ];
    const objective = side === 'least' ? counts : counts.map((count) => -count);
    const step = names.includes(RISING) ? this.step : undefined;
    const solved = solveStepwise(this.model, constraints, step, objective);
    if (solved.status !== 'solved') return undefined;
    return solved.taken.reduce((sum, taken, at) => sum + taken * counts[at]!, 0);
  }
}

/** Total marks are looked for so far from what was asked. */
const FARTHEST_TOTAL = 60;

/** Solves, cuts each gap that is wider than the step, and solves again. */
export function solveStepwise(
  model: Model,
  constraints: readonly Constraint[],
  step: number | undefined,
  objective?: readonly number[]
): Solved {
  const cuts: Cut[] = [];
  for (;;) {
    const solved = model.solve({ constraints, ...(objective && { objective }) }, cuts);
    if (solved.status !== 'solved' || step === undefined) return solved;
    const gaps = gapsIn(model.classes, solved.taken, step);
    if (gaps.length === 0) return solved;
    cuts.push(...gaps);
    if (cuts.length > MOST_CUTS) return { status: 'unknown' };
  }
}

/** The conflicts of lines that cannot all hold: a smallest one first, then those that are independent of it. */
export function conflictsOf(feasible: Feasibility): PlanConflict[] {
  const found: (readonly string[])[] = [];
  let left = feasible.names;
  while (!feasible.canHold(left)) {
    const conflict = smallest(feasible, left);
    if (conflict.length === 0) break;
    found.push(conflict);
    left = left.filter((name) => !conflict.includes(name));
  }
  // With two independent conflicts no change of one of them helps as long as the other stands.
  return found.map((conflict) => {
    const others = found.filter((other) => other !== conflict).flat();
    const held = feasible.names.filter((name) => !others.includes(name));
    const nearest = conflict.map((name) => [name, nearestOf(feasible, name, held)] as const);
    return { conflict, nearest: Object.fromEntries(nearest) };
  });
}

/** A smallest set of up to two lines that cannot hold; else one from which no line can be spared. */
function smallest(feasible: Feasibility, names: readonly string[]): string[] {
  const single = names.find((name) => !feasible.canHold([name]));
  if (single !== undefined) return [single];
  const spared = names.reduce<readonly string[]>((kept, name) => {
    const others = kept.filter((other) => other !== name);
    return feasible.canHold(others) ? kept : others;
  }, names);
  if (spared.length <= 2) return [...spared];
  for (const [at, one] of names.entries()) {
    for (const other of names.slice(at + 1)) {
      if (!feasible.canHold([one, other])) return [one, other];
    }
  }
  return [...spared];
}

/** The nearest value of one line with which the others of some lines hold. */
function nearestOf(
  feasible: Feasibility,
  name: string,
  held: readonly string[]
): number | Bounds | null {
  const others = held.filter((other) => other !== name);
  if (name === RISING) return nearestStep(feasible, others);
  const line = feasible.lines.find((one) => one.name === name)!;
  if (name === 'total') return feasible.nearestTotal(held);
  if (!line.measure) {
    const offer = line.others?.find(({ constraint }) => feasible.canHold(others, [constraint]));
    return offer?.value ?? null;
  }
  const { counts, said, say } = line.measure;
  const bound = line.constraints[0]!.bounds;
  const beside = line.constraints.slice(1);
  const offers: { change: number; value: Bounds }[] = [];
  if (bound.max !== undefined) {
    const held = bound.min === undefined ? [] : [{ counts, bounds: { min: bound.min } }];
    const least = feasible.extreme(others, counts, 'least', [...held, ...beside]);
    if (least !== undefined && least > bound.max) {
      offers.push({ change: least - bound.max, value: { ...said, max: say(least, 'max') } });
    }
  }
  if (bound.min !== undefined) {
    const held = bound.max === undefined ? [] : [{ counts, bounds: { max: bound.max } }];
    const most = feasible.extreme(others, counts, 'most', [...held, ...beside]);
    if (most !== undefined && most < bound.min) {
      offers.push({ change: bound.min - most, value: { ...said, min: say(most, 'min') } });
    }
  }
  const [best] = offers.sort((one, other) => one.change - other.change);
  if (!best) return null;
  return name.startsWith('patterns.') ? (best.value.min ?? null) : best.value;
}

const LARGEST_STEP = 8;

/** The smallest step of a tenth of a logit with which all other lines hold. */
function nearestStep(feasible: Feasibility, others: readonly string[]): number | null {
  for (let tenths = 5; tenths <= 10 * LARGEST_STEP; tenths++) {
    if (feasible.canHold([...others, RISING], [], tenths / 10)) return tenths / 10;
  }
  return null;
}
