import { OWN_QUESTION } from '../catalogue';
import { skillOf, type Controls } from '../skill';
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
      return { part, asked: { skill, given, school, kind, hold, ...(controls && { controls }) } };
    });
}

/** A part that is the same on several forms. */
export interface FormException {
  readonly part: string;
  readonly forms: readonly string[];
}

/** Where forms do not differ as they should: the same item stands in several of them. */
export function formExceptions(exam: Exam, forms: readonly ExamForm[]): FormException[] {
  return partsIn(exam)
    .filter(({ skill }) => skill !== OWN_QUESTION)
    .flatMap((part): FormException[] => {
      const skill = skillOf(part.skill);
      const items = new Map<string, string[]>();
      for (const form of forms) {
        const item = skill.itemKey(part.id in form.given ? form.given[part.id] : part.given);
        items.set(item, [...(items.get(item) ?? []), formLabel(form)]);
      }
      const same = [...items.values()].filter((labels) => labels.length > 1);
      return same.map((labels) => ({ part: part.id, forms: labels }));
    });
}
