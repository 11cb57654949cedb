import { allowedMinutes, type Exam } from '@zealous-quill/core/exams';
import { typedRuns } from '@zealous-quill/core/house-style';
import type { CoverPage, ExamPrint, PrintedForm, PrintedPart } from './exam-print';

/** The cover of a form. */
export function coverPage({ exam, style }: ExamPrint, form: PrintedForm): CoverPage {
  const { cover } = exam;
  const questions = form.sections.flatMap((section) => section.questions);
  const seconds = sum(partsOf(form).map((part) => part.seconds));
  return {
    ...{ department: style.department, level: cover.level, date: cover.date },
    minutes: allowedMinutes(exam, seconds),
    marks: sum(questions.map(({ marks }) => marks)),
    allowed: cover.allowed,
    calculator: calculatorWords(exam.sections),
    sections: form.sections.length > 1 ? sectionsOf(exam, form) : [],
    answering: answeringOf(partsOf(form)),
    instructions: linesOf(cover.instructions ?? style.instructions),
    formulas: linesOf(cover.formulas).map((line) => typedRuns(line, style)),
    formulasAt: cover.formulasAt,
    questions: questions.map(({ number, marks }) => ({ number, marks }))
  };
}

/** Whether and where a calculator may be used, in words. */
function calculatorWords(sections: Exam['sections']): string {
  const allowed = sections.filter(({ calculator }) => calculator);
  if (allowed.length === 0) return 'No calculator';
  if (allowed.length === sections.length) return 'Calculator allowed';
  const titles = allowed.map(({ title, id }) => title || `section ${id}`);
  return `Calculator in ${titles.join(' and ')} only`;
}

function sectionsOf({ sections }: Exam, form: PrintedForm): CoverPage['sections'] {
  return form.sections.map(({ id, title, marks }, at) => ({
    title: title || `Section ${at + 1}`,
    marks,
    note: sections.find((one) => one.id === id)?.calculator ? 'calculator' : 'no calculator'
  }));
}

/** The ways of answering that occur; none where all answers are given in one way. */
function answeringOf(parts: readonly PrintedPart[]): CoverPage['answering'] {
  const kinds = [
    ...(parts.some(({ options }) => options.length > 0) ? (['choice'] as const) : []),
    ...(parts.some(({ space }) => space.kind === 'line') ? (['line'] as const) : []),
    ...(parts.some(({ picture }) => picture !== null) ? (['squares'] as const) : [])
  ];
  return kinds.length > 1 ? kinds : [];
}

const linesOf = (text: string) => text.split('\n').filter((line) => line.trim() !== '');

/** All parts of a form, in their order. */
export const partsOf = ({ sections }: PrintedForm): PrintedPart[] =>
  sections.flatMap(({ questions }) => questions.flatMap(({ parts }) => parts));

export const sum = (numbers: readonly number[]) => numbers.reduce((total, one) => total + one, 0);
