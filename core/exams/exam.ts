import type { Exam, ExamQuestion, ExamSection, PaperPart } from './exam-schema';

export type { AnswerSpace, Cover, Exam, ExamQuestion, ExamSection, PaperPart } from './exam-schema';

/** What is left on paper for an answer. */
export const spaceKinds = ['squares', 'line', 'lines', 'blank', 'none'] as const;
export type SpaceKind = (typeof spaceKinds)[number];

/** Parts an exam may have. */
export const MOST_EXAM_PARTS = 150;

/** All parts of an exam, in order. */
export function partsIn(exam: Pick<Exam, 'sections'>): PaperPart[] {
  return exam.sections.flatMap(({ questions }) => questions.flatMap(({ parts }) => parts));
}

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
