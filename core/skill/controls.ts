import type { Range } from '../spaces';
import type { FeatureSpec, FeatureValue } from './feature';

/** One control as it comes from outside: an exact value, a range, allowed values, or yes/no. */
export type Control =
  | number
  | { min?: number | undefined; max?: number | undefined }
  | string[]
  | { allow: number[] }
  | boolean;
export type Controls = Readonly<Record<string, Control>>;

/** A control in the one form that spaces read. */
export type Constraint = Range | ReadonlySet<string> | AllowedTables | boolean;

/** Each pair of digits must have a member among these. */
export interface AllowedTables {
  readonly allow: ReadonlySet<number>;
}
export type Constraints = Readonly<Record<string, Constraint>>;

export interface InvalidControl {
  readonly code: 'invalid';
  readonly field: string;
  readonly reason: 'unknown' | 'kind' | 'outside' | 'reversed' | 'none-allowed';
  readonly expected: string;
}

/**
 * Controls in normal form, or what is wrong with the first bad one: a name that is no feature, a value of
 * the wrong kind, a value outside the skill's limits, a range whose ends are reversed, an empty list. What is
 * newly asked may name no number beyond a feature's cap; what was stored before there was one stays valid.
 */
export function readControls(
  features: readonly FeatureSpec[],
  controls: Controls,
  { isNew = false }: { isNew?: boolean } = {}
): { ok: true; constraints: Constraints } | { ok: false; error: InvalidControl } {
  const constraints: Record<string, Constraint> = {};
  for (const [field, control] of Object.entries(controls)) {
    const feature = features.find((candidate) => candidate.id === field);
    const result = feature
      ? readControl(feature, control, isNew)
      : ({ reason: 'unknown', expected: features.map(({ id }) => id).join(', ') } as const);
    if (isProblem(result)) return { ok: false, error: { code: 'invalid', field, ...result } };
    constraints[field] = result;
  }
  return { ok: true, constraints };
}

export function isTables(constraint: Constraint): constraint is AllowedTables {
  return typeof constraint === 'object' && 'allow' in constraint;
}

/** Whether a measured value meets a constraint. */
export function meets(value: FeatureValue, constraint: Constraint): boolean {
  if (isTables(constraint)) {
    if (!Array.isArray(value)) {
      return String(value)
        .split('x')
        .some((digit) => constraint.allow.has(Number(digit)));
    }
    return value.every((pair) => meets(pair, constraint));
  }
  // What is asked of several holds of each, and of one at least.
  if (Array.isArray(value)) {
    return value.length > 0 && value.every((one) => meets(one, constraint));
  }
  if (typeof constraint === 'boolean') return value === constraint;
  if ('min' in constraint)
    return Number(value) >= constraint.min && Number(value) <= constraint.max;
  return constraint.has(String(value));
}

type Problem = Pick<InvalidControl, 'reason' | 'expected'>;

function isProblem(result: Constraint | Problem): result is Problem {
  return typeof result === 'object' && 'reason' in result;
}

function readControl(feature: FeatureSpec, control: Control, isNew: boolean): Constraint | Problem {
  switch (feature.kind) {
    case 'flag':
      return typeof control === 'boolean' ? control : { reason: 'kind', expected: 'true or false' };
    case 'choice':
    case 'list':
      return readChoice(feature.values, control);
    case 'tables':
      return readTables(feature.values, control);
    case 'number':
      return readRange(feature, control, isNew ? feature.askedTo : undefined);
  }
}

function readChoice(values: readonly string[], control: Control): Constraint | Problem {
  const expected = values.join(', ');
  if (!Array.isArray(control)) return { reason: 'kind', expected };
  if (control.length === 0) return { reason: 'none-allowed', expected };
  if (control.some((value) => !values.includes(value))) return { reason: 'outside', expected };
  return new Set(control);
}

function readTables(values: readonly string[], control: Control): Constraint | Problem {
  const expected = `{allow: [...]} with some of ${values.join(', ')}`;
  if (typeof control !== 'object' || !('allow' in control)) return { reason: 'kind', expected };
  if (control.allow.length === 0) return { reason: 'none-allowed', expected };
  if (control.allow.some((digit) => !values.includes(String(digit)))) {
    return { reason: 'outside', expected };
  }
  return { allow: new Set(control.allow) };
}

function readRange(
  limits: Range & { usualMin?: number },
  control: Control,
  cap = limits.max
): Constraint | Problem {
  const expected = `a whole number from ${limits.min} to ${cap}, or {min, max}`;
  if (
    typeof control === 'boolean' ||
    Array.isArray(control) ||
    (typeof control === 'object' && 'allow' in control)
  ) {
    return { reason: 'kind', expected };
  }
  const asked = typeof control === 'number' ? { min: control, max: control } : control;
  const max = asked.max ?? limits.max;
  const range = { min: asked.min ?? lowerEnd(limits, max), max };
  if (!Number.isInteger(range.min) || !Number.isInteger(range.max)) {
    return { reason: 'kind', expected };
  }
  if (range.min < limits.min || range.max > limits.max) return { reason: 'outside', expected };
  const named = asked.max === undefined ? range.min : range.max;
  if (named > cap) return { reason: 'outside', expected };
  if (range.min > range.max) return { reason: 'reversed', expected };
  return range;
}

/** Where a range starts of which only the upper end is asked for. */
function lowerEnd({ min, usualMin = min }: Range & { usualMin?: number }, max: number): number {
  return max >= usualMin ? usualMin : min;
}
