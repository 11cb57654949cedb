import { type Exam } from '@zealous-quill/core/exams';
import type { PaperProblem } from '@zealous-quill/core/papers';
import { findSkill } from '@zealous-quill/core/skill';

/** What the skills cannot read of an exam. The schema has been met. */
export function examProblems(exam: Exam): PaperProblem[] {
  return exam.sections.flatMap((section, at) =>
    section.questions.flatMap((question, place) =>
      question.parts.flatMap((part, own) => {
        const read = findSkill(part.skill)?.given.schema.safeParse(part.given);
        if (read?.success) return [];
        const [issue] = read?.error.issues ?? [];
        const path = ['sections', at, 'questions', place, 'parts', own, 'given'];
        return [{ path, message: issue?.message ?? 'not an item of the skill' }];
      })
    )
  );
}
