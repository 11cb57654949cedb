import type { Exam, ExamQuestion, ExamSection, PaperPart } from './exam-schema';
import { partsIn } from './parts-in';

/** Questions that a part can join, and parts that a question can hold. */
const MOST_PARTS_OF_A_QUESTION = 10;

/** An id of this letter that nothing on the exam has yet: `q12`. */
export function freshId(exam: Exam, letter: 's' | 'q' | 'p'): string {
  const ids = {
    s: () => exam.sections.map(({ id }) => id),
    q: () => questionsIn(exam).map(({ id }) => id),
    p: () => partsIn(exam).map(({ id }) => id)
  }[letter]();
  const numbers = ids.map((id) => Number(/^[a-z](\d+)$/.exec(id)?.[1] ?? 0));
  return `${letter}${Math.max(0, ...numbers) + 1}`;
}

export const questionsIn = ({ sections }: Pick<Exam, 'sections'>): ExamQuestion[] =>
  sections.flatMap(({ questions }) => questions);

/** The exam with one section changed. */
export function withSection(
  exam: Exam,
  id: string,
  change: (section: ExamSection) => ExamSection
): Exam {
  return {
    ...exam,
    sections: exam.sections.map((section) => (section.id === id ? change(section) : section))
  };
}

/** The exam with one question changed; taken out where there is nothing left of it. */
export function withQuestion(
  exam: Exam,
  id: string,
  change: (question: ExamQuestion) => readonly ExamQuestion[]
): Exam {
  return {
    ...exam,
    sections: exam.sections.map((section) => ({
      ...section,
      questions: section.questions.flatMap((question) =>
        question.id === id ? change(question) : [question]
      )
    }))
  };
}

/** A new question of one part at the end of a section. */
export function addPart(exam: Exam, section: string, part: Omit<PaperPart, 'id'>): Exam {
  const question = {
    ...{ id: freshId(exam, 'q'), stem: '', startsPage: false },
    parts: [{ ...part, id: freshId(exam, 'p') }]
  };
  return withSection(exam, section, (own) => ({
    ...own,
    questions: [...own.questions, question]
  }));
}

/** The exam without a part, nor its question if it was the only one. */
export function removePart(exam: Exam, id: string): Exam {
  const question = questionOf(exam, id);
  if (!question) return exam;
  return withQuestion(exam, question.id, (own) => {
    const parts = own.parts.filter((part) => part.id !== id);
    return parts.length > 0 ? [{ ...own, parts }] : [];
  });
}

/** From this part on a question becomes another, which stands behind it. */
export function splitAt(exam: Exam, partId: string): Exam {
  const question = questionOf(exam, partId);
  const at = question?.parts.findIndex(({ id }) => id === partId) ?? 0;
  if (!question || at < 1) return exam;
  const next = { ...question, id: freshId(exam, 'q'), stem: '', startsPage: false };
  return withQuestion(exam, question.id, (own) => [
    { ...own, parts: own.parts.slice(0, at) },
    { ...next, parts: own.parts.slice(at) }
  ]);
}

/** The parts of a question go to the end of the one before it in its section; nothing where there is no room. */
export function joinToBefore(exam: Exam, questionId: string): Exam {
  return {
    ...exam,
    sections: exam.sections.map((section) => {
      const at = section.questions.findIndex(({ id }) => id === questionId);
      const [before, own] = [section.questions[at - 1], section.questions[at]];
      if (!before || !own) return section;
      const parts = [...before.parts, ...own.parts];
      if (parts.length > MOST_PARTS_OF_A_QUESTION) return section;
      const stem = [before.stem, own.stem].filter(Boolean).join('\n');
      return {
        ...section,
        questions: section.questions.toSpliced(at - 1, 2, { ...before, stem, parts })
      };
    })
  };
}

/** Moves a question by one place, over the ends of its section into the next. */
export function moveQuestion(exam: Exam, id: string, by: -1 | 1): Exam {
  const from = exam.sections.findIndex(({ questions }) => questions.some((one) => one.id === id));
  const section = exam.sections[from];
  if (!section) return exam;
  const to = section.questions.findIndex((one) => one.id === id) + by;
  if (to >= 0 && to < section.questions.length) return placeQuestion(exam, id, section.id, to);
  const next = exam.sections[from + by];
  return next ? placeQuestion(exam, id, next.id, by > 0 ? 0 : next.questions.length) : exam;
}

/** Puts a question at a place of a section. */
export function placeQuestion(exam: Exam, id: string, sectionId: string, at: number): Exam {
  const question = questionsIn(exam).find((one) => one.id === id);
  if (!question) return exam;
  const without = withQuestion(exam, id, () => []);
  return withSection(without, sectionId, (own) => ({
    ...own,
    questions: own.questions.toSpliced(at, 0, question)
  }));
}

/** Moves a part by one place within its question. */
export function movePart(exam: Exam, id: string, by: -1 | 1): Exam {
  const question = questionOf(exam, id);
  if (!question) return exam;
  const from = question.parts.findIndex((part) => part.id === id);
  const to = from + by;
  if (to < 0 || to >= question.parts.length) return exam;
  return withQuestion(exam, question.id, (own) => {
    const parts = [...own.parts];
    parts.splice(to, 0, ...parts.splice(from, 1));
    return [{ ...own, parts }];
  });
}

/** A new section at the end: A, B, C where the others are called so. */
export function addSection(exam: Exam): Exam {
  const letter = 'ABCDEFGHIJ'[exam.sections.length] ?? '';
  const section = { id: freshId(exam, 's'), title: `Section ${letter}`, instruction: '' };
  return {
    ...exam,
    sections: [...exam.sections, { ...section, calculator: false, questions: [] }]
  };
}

/** The exam without a section; its questions go to the one before it, or after it. */
export function removeSection(exam: Exam, id: string): Exam {
  const at = exam.sections.findIndex((section) => section.id === id);
  const neighbour = exam.sections[at - 1] ?? exam.sections[at + 1];
  if (at < 0 || !neighbour) return exam;
  const { questions } = exam.sections[at]!;
  const moved = withSection(exam, neighbour.id, (own) => ({
    ...own,
    questions: at > 0 ? [...own.questions, ...questions] : [...questions, ...own.questions]
  }));
  return { ...moved, sections: moved.sections.filter((section) => section.id !== id) };
}

const questionOf = (exam: Exam, part: string) =>
  questionsIn(exam).find(({ parts }) => parts.some(({ id }) => id === part));
