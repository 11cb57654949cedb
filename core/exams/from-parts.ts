import { independent, schemeOf } from '../schemes';
import { OWN_QUESTION } from '../catalogue';
import type { OwnQuestion } from '../skills/own-question';
import { ANSWER } from '../working';
import { NO_SECTION, type Blueprint } from './blueprint';
import type { Exam, ExamQuestion, PaperPart } from './exam-schema';
import type { ExamPart } from './exam-part';

/** The exam that parts put together by a plan make, in their order. */
export function examOf(
  title: string,
  plan: Blueprint,
  { parts, seed }: { readonly parts: readonly ExamPart[]; readonly seed: number }
): Exam {
  const sections = [...new Set(parts.map(({ section }) => section))];
  const numbered = parts.map((part, at) => ({ part, id: `p${at + 1}` }));
  return {
    title,
    seed,
    cover: { ...emptyCover, ...minutesOf(plan) },
    sections: sections.map((section) => {
      const own = numbered.filter(({ part }) => part.section === section);
      return {
        id: section === NO_SECTION ? 'main' : section,
        title: section === NO_SECTION ? '' : `Section ${section}`,
        instruction: '',
        calculator: plan.sections?.find(({ id }) => id === section)?.calculator ?? false,
        questions: [...new Set(own.map(({ part }) => part.question))].map(
          (question): ExamQuestion => ({
            ...{ id: `q${question}`, stem: '', startsPage: false },
            parts: own
              .filter(({ part }) => part.question === question)
              .map(({ part, id }) => paperPart(plan, part, id))
          })
        )
      };
    })
  };
}

/** A cover of which nothing is said but what the house style says. */
export const emptyCover: Exam['cover'] = {
  level: '',
  date: '',
  allowed: '',
  formulas: '',
  formulasAt: 'cover'
};

const minutesOf = ({ minutes }: Blueprint) =>
  minutes && minutes.max >= 1 ? { minutes: Math.floor(minutes.max) } : {};

function paperPart(plan: Blueprint, part: ExamPart, id: string): PaperPart {
  const row = plan.rows.find((one) => one.id === part.row);
  const common = { id, row: part.row, kind: part.kind, locked: false, edited: false, guidance: '' };
  if (part.skill === null || part.school === null) {
    return {
      ...common,
      ...{ skill: OWN_QUESTION, school: 'written' },
      given: unwritten(part.marks, part.seconds / 60, part.difficulty / 100)
    };
  }
  return {
    ...{ ...common, skill: part.skill, school: part.school, given: part.given },
    ...(row?.each !== undefined && {
      scheme: schemeOf(independent(ANSWER, { value: row.each }))
    })
  };
}

/** What stands in the place of a question that is still to be written. */
export const PLACEHOLDER = 'Write your question here.';

/** A question of one's own before it is written. */
export function unwritten(marks: number, minutes: number, difficulty: number): OwnQuestion {
  return {
    ...{ text: PLACEHOLDER, answerKind: 'none', answer: '', unit: '' },
    ...{ marks, minutes, difficulty, guidance: '' }
  };
}
