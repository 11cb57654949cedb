import * as z from 'zod/mini';
import { accuracy, method, schemeOf, type Scheme } from '../../schemes';
import { ANSWER, usingValues, stepOn, type Step } from '../../working';
import { ownReading, withoutUnit, type OwnAnswer } from './answer';
import { namesIn, printedRatio, ratioOf, writtenRatio, type Ratio } from '../../numbers/ratio';

/** Steps that a question can have; the last is its answer. */
export const MOST_STEPS = 8;

/** A step that the author of a question names. */
const stepSchema = z.strictObject({
  /** What is worked out: *how many were sold*. */
  label: z.string().check(z.maxLength(60)),
  /** What it is worked out by, from numbers and the steps before: `a × 3 + 12`. Empty while it is written. */
  expression: z.string().check(z.maxLength(100)),
  marks: z.int().check(z.minimum(1), z.maximum(20))
});

export type OwnStep = z.infer<typeof stepSchema>;

export const stepsSchema = z.array(stepSchema).check(z.maxLength(MOST_STEPS));

/** The letter by which a later step uses this one. */
export const letterOf = (at: number): string => String.fromCharCode('a'.charCodeAt(0) + at);

/** What each step is worth; undefined for one that cannot be worked out from those before. */
export function worthOfSteps(steps: readonly OwnStep[]): (Ratio | undefined)[] {
  const worth: (Ratio | undefined)[] = [];
  for (const { expression } of steps) {
    const before = [...worth];
    worth.push(ratioOf(expression, (name) => before[placeOf(name)]));
  }
  return worth;
}

/** What the answer is worth that the last step gives, as it is keyed; empty where it cannot be worked out. */
export function answerOfSteps(steps: readonly OwnStep[]): string {
  const last = worthOfSteps(steps).at(-1);
  return last ? printedRatio(last) : '';
}

/** Whether all steps can be worked out, so that working can be entered and marked step by step. */
export const areWorked = (steps: readonly OwnStep[]): boolean =>
  steps.length > 0 && worthOfSteps(steps).every((one) => one !== undefined);

/** The graph of steps: each follows from the figures before it, the pupil's own too. */
export function graphOfSteps(steps: readonly OwnStep[], unit: string): Step[] {
  return steps.map(({ label, expression }, at) => {
    const isLast = at === steps.length - 1;
    const uses = namesIn(expression).map((name) => idOf(placeOf(name)));
    const rule = usingValues<OwnAnswer[]>(uses, (...values) => {
      const own = new Map(
        uses.map((id, place) => [id, writtenRatio(withoutUnit(values[place]!.text, unit))])
      );
      const value = ratioOf(expression, (name) => own.get(idOf(placeOf(name))));
      return value && { text: printedRatio(value) };
    });
    const title = label.trim() || `Step ${letterOf(at)}`;
    return stepOn(isLast ? ANSWER : idOf(at), rule, {
      reading: ownReading('number', unit),
      label: isLast ? 'Answer' : title,
      isMethod: !isLast,
      says: ({ value }) =>
        `${title}: ${worded(expression, steps)} = ${value}${unit ? ` ${unit}` : ''}.`
    });
  });
}

/** A method mark for each step with own figures followed, and the last for the answer. */
export function schemeOfSteps(steps: readonly OwnStep[]): Scheme {
  return schemeOf(
    ...steps.map(({ marks }, at) =>
      at === steps.length - 1
        ? { ...accuracy(), value: marks }
        : { ...method(idOf(at)), value: marks }
    )
  );
}

/** What earns the mark of a step: *lamps made: 750 + 488*. */
export function earnedBy(id: string, steps: readonly OwnStep[]): string | undefined {
  const at = steps.findIndex((_, place) => idOf(place) === id);
  const step = steps[at];
  if (!step) return undefined;
  const title = step.label.trim() || `step ${letterOf(at)}`;
  return `${title[0]!.toLowerCase()}${title.slice(1)}: ${worded(step.expression, steps)}`;
}

/** The id of a step that is not the last. */
export const idOf = (at: number): string => `named.${at}`;

const placeOf = (name: string): number => name.charCodeAt(0) - 'a'.charCodeAt(0);

/** An expression with what the letters in it are worth: `1238 × 3`. */
function worded(expression: string, steps: readonly OwnStep[]): string {
  const worth = worthOfSteps(steps);
  return expression.trim().replaceAll(/[a-z]/g, (name) => {
    const value = worth[placeOf(name)];
    return value ? printedRatio(value) : name;
  });
}
