import type { FormCode } from '../numbers';
import { ANSWER } from '../working';
import type { Mark, Scheme } from './scheme';

/** A mark before it has a number: what it is for, and how it is earned. */
type Draft = Omit<Mark, 'id' | 'dependsOn'>;

/** Every step but the answer. */
export const ALL_STEPS = '*';

/** A mark for the method, earned by its steps with own figures followed. Steps may be groups: `carry.*`. */
export function method(...steps: readonly string[]): Draft {
  return { kind: 'M', value: 1, steps: [...steps], own: 'ft' };
}

/** A mark for the right answer, in the form asked for; it depends on the method mark before it. */
export function accuracy(...form: readonly FormCode[]): Draft {
  return {
    kind: 'A',
    value: 1,
    steps: [ANSWER],
    own: 'cao',
    ...(form.length > 0 && { form: [...form] })
  };
}

/** A mark on its own value, whatever else is earned. */
export function independent(step: string, more: Partial<Draft> = {}): Draft {
  return { kind: 'B', value: 1, steps: [step], own: 'cao', ...more };
}

/** The scheme of these marks: each is numbered within its kind, an accuracy mark depends on the last method. */
export function schemeOf(...drafts: readonly Draft[]): Scheme {
  const marks: Mark[] = [];
  for (const draft of drafts) {
    const id = `${draft.kind}${1 + marks.filter(({ kind }) => kind === draft.kind).length}`;
    const last = marks.findLast(({ kind }) => kind === 'M');
    const dependsOn = draft.kind === 'A' && last ? { dependsOn: last.id } : {};
    marks.push({ id, ...draft, ...dependsOn });
  }
  return { showWorking: false, marks };
}

/** One mark for the method over all steps, one for the right answer: the default of column skills. */
export const methodAndAnswer = schemeOf(method(ALL_STEPS), accuracy());

/** Whether a mark covers a step, by name or as one of a group. */
export function covers({ steps }: Pick<Mark, 'steps'>, step: string): boolean {
  return steps.some(
    (named) =>
      named === step ||
      (named === ALL_STEPS && step !== ANSWER) ||
      (named.endsWith('.*') && step.startsWith(named.slice(0, -1)))
  );
}

/** Whether nothing but the answer can earn anything, so that no working is asked for or entered. */
export function isAnswerOnly({
  kind,
  scheme
}: {
  readonly kind: string;
  readonly scheme: Scheme;
}): boolean {
  const areOnAnswer = scheme.marks.every(({ steps }) => steps.join() === ANSWER);
  const isOne = scheme.marks.length === 1;
  return kind === 'choice' || (areOnAnswer && (kind === 'own' || (kind === 'bare' && isOne)));
}
