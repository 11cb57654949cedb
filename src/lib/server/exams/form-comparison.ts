import { compareForms, partsIn, type Exam, type ExamForm } from '@zealous-quill/core/exams';
import type { HouseStyle } from '@zealous-quill/core/house-style';
import { skillOf, titleIn } from '@zealous-quill/core/skill';
import type { ShownComparison } from '$lib/contract/forms';

/** Compares the forms of an exam, in the words of the house; nothing where there is only one. */
export function formComparison(
  exam: Exam,
  forms: readonly ExamForm[],
  style: HouseStyle
): ShownComparison[] {
  if (forms.length < 2) return [];
  const skills = new Map(partsIn(exam).map(({ id, skill }) => [id, skillOf(skill)]));
  return compareForms(exam, forms).map((one) => ({
    ...one,
    differs: skills
      .get(one.part)!
      .features.filter(({ id }) => one.differs.includes(id))
      .map(({ title }) => titleIn(title, style).toLowerCase())
  }));
}
