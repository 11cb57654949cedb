import type { Exam, ExamQuestion, ExamSection, PaperPart } from './exam-schema';

/** A part with its place on the paper. */
export interface PlacedPart {
  readonly part: PaperPart;
  readonly section: ExamSection;
  readonly question: ExamQuestion;
  /** Counted through the paper. */
  readonly number: number;
  /** `(a)`; empty where the question has one part. */
  readonly letter: string;
  /** `3` or `3(a)`. */
  readonly label: string;
}

/** The parts of an exam with their places, in order. */
export function placedParts({ sections }: Pick<Exam, 'sections'>): PlacedPart[] {
  let number = 0;
  return sections.flatMap((section) =>
    section.questions.flatMap((question) => {
      number++;
      return question.parts.map((part, at) => {
        const letter = question.parts.length > 1 ? `(${'abcdefghij'[at]})` : '';
        return { part, section, question, number, letter, label: `${number}${letter}` };
      });
    })
  );
}

/** An exam with one of its parts changed. */
export function withPart(exam: Exam, id: string, change: (part: PaperPart) => PaperPart): Exam {
  return {
    ...exam,
    sections: exam.sections.map((section) => ({
      ...section,
      questions: section.questions.map((question) => ({
        ...question,
        parts: question.parts.map((part) => (part.id === id ? change(part) : part))
      }))
    }))
  };
}
