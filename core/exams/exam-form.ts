import { OWN_QUESTION } from '../catalogue';
import { skillOf, WorkedItem, type Controls } from '../skill';
import type { Blueprint } from './blueprint';
import type { Exam, PaperPart } from './exam-schema';
import { partsIn } from './parts-in';
import { withPart } from './exam';
import type { FormPart } from './forms';

/** A form of an exam: other numbers in the places of the same parts. */
export interface ExamForm {
  /** One of a few for whole classes, of one pupil, or to have at hand. */
  readonly kind: 'letter' | 'pupil' | 'spare';
  readonly letter: string;
  /** What is given, by the ids of the parts; a part that is not named is as on the paper. */
  readonly given: Readonly<Record<string, unknown>>;
}

/** What a form is called where there are several: `A`, `7`, `spare 2`. */
export function formLabel({ kind, letter }: Pick<ExamForm, 'kind' | 'letter'>): string {
  return kind === 'spare' ? `spare ${letter}` : letter;
}

/** The exam as a form has it. */
export function examOnForm(exam: Exam, { given }: Pick<ExamForm, 'given'>): Exam {
  return Object.entries(given).reduce(
    (whole, [id, own]) => withPart(whole, id, (part) => ({ ...part, given: own })),
    exam
  );
}

/** The parts of an exam whose numbers can vary, as {@link formsOf} is asked for them, by the rows of its plan. */
export function varyingParts(
  exam: Exam,
  plan: Pick<Blueprint, 'rows'> | null
): { part: PaperPart; asked: FormPart }[] {
  return partsIn(exam)
    .filter(({ skill }) => skill !== OWN_QUESTION)
    .map((part) => {
      const { skill, given, school, kind } = part;
      const row = plan?.rows.find(({ id }) => id === part.row);
      const controls = row?.controls?.[skill] as Controls | undefined;
      const hold = row?.spread ? [row.spread.feature] : [];
      const asked = { skill, given, school, kind, hold, isLoose: true };
      return { part, asked: { ...asked, ...(controls && { controls }) } };
    });
}

/** How a part compares over several forms. */
export interface FormComparison {
  readonly part: string;
  /** Groups of forms that have the same item. */
  readonly sameItem: readonly (readonly string[])[];
  /** Groups of forms whose items differ and have the same answer. */
  readonly sameAnswer: readonly (readonly string[])[];
  /** Features whose values are not the same on all forms. */
  readonly differs: readonly string[];
}

/** Compares forms part by part, by all features; own questions are the same on all. */
export function compareForms(exam: Exam, forms: readonly ExamForm[]): FormComparison[] {
  return partsIn(exam)
    .filter(({ skill }) => skill !== OWN_QUESTION)
    .map((part) => {
      const skill = skillOf(part.skill);
      const own = forms.map((form) => {
        const given = part.id in form.given ? form.given[part.id] : part.given;
        return { label: formLabel(form), item: skill.itemKey(given), given };
      });
      const items = inGroups(own, ({ item }) => item);
      const answerOf = ([first]: typeof own) =>
        new WorkedItem(skill, first!.given, part.school).answer;
      const labels = (group: typeof own) => group.map(({ label }) => label);
      const measured = items.map(([first]) => skill.measure(first!.given));
      return {
        part: part.id,
        sameItem: items.filter(({ length }) => length > 1).map(labels),
        sameAnswer: inGroups(items, answerOf)
          .filter(({ length }) => length > 1)
          .map((group) => labels(group.flat())),
        differs: skill.features
          .map(({ id }) => id)
          .filter((id) => new Set(measured.map((values) => String(values[id]))).size > 1)
      };
    });
}

/** The values with the same key together, in the order in which they come first. */
function inGroups<Value>(values: readonly Value[], keyOf: (value: Value) => string): Value[][] {
  const groups = new Map<string, Value[]>();
  for (const value of values) {
    const key = keyOf(value);
    groups.set(key, [...(groups.get(key) ?? []), value]);
  }
  return [...groups.values()];
}
