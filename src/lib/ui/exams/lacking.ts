import { checkPlan, lineWords, type Blueprint, type ExamOutline } from '@zealous-quill/core/exams';

/** The lines of a plan that an exam does not meet, in words; `titles` are those of the skills. */
export function lackingIn(
  plan: Blueprint,
  outline: ExamOutline,
  titles: Readonly<Record<string, string>>
): string[] {
  const broken = checkPlan(plan, outline).filter(({ isMet }) => !isMet);
  return broken.map(({ line }) => lineWords(plan, line, (skill) => titles[skill] ?? skill));
}
