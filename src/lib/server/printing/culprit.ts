import { partsIn, placedParts, type Exam } from '@zealous-quill/core/exams';
import { run } from '../jobs/pool';
import type { ExamPrintAsked } from '../print/exam-print-of';
import type { PrintAsked } from '../print/print-of';

/** What of a print cannot be printed: `Question 3(b)`; undefined if each part can be by itself. */
export async function culpritOf(
  asked: PrintAsked | ExamPrintAsked,
  signal: AbortSignal
): Promise<string | undefined> {
  if (!('exam' in asked)) return undefined;
  for (const { part, label } of placedParts(asked.exam)) {
    if (signal.aborted) return undefined;
    const alone = { ...asked, exam: onlyPart(asked.exam, part.id) };
    const done = await run('print', alone, { signal }).catch(() => undefined);
    if (!done || (!done.ok && done.error.code === 'crashed')) return `Question ${label}`;
  }
  return undefined;
}

/** The exam with one of its parts alone. */
function onlyPart(exam: Exam, id: string): Exam {
  const sections = exam.sections.flatMap((section) => {
    const questions = section.questions.flatMap((question) => {
      const parts = question.parts.filter((part) => part.id === id);
      return parts.length > 0 ? [{ ...question, parts }] : [];
    });
    return questions.length > 0 ? [{ ...section, questions }] : [];
  });
  return partsIn({ sections }).length > 0 ? { ...exam, sections } : exam;
}
