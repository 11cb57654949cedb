import type { Db } from '../base/db';
import { createExam, readExam } from './exams';
import { createPaper, readPaper } from '../papers/papers';

/** Letters that the title of a paper may have. */
const LONGEST_TITLE = 120;
const COPY = ', copy';

/** A paper of its own with the same items, sections and plan, as a draft; gives its id, undefined if there is none. */
export function copyPaper(db: Db, id: number): number | undefined {
  const exam = readExam(db, id);
  if (exam) {
    const { plan, unmet } = exam;
    return createExam(db, { ...exam.exam, title: copied(exam.exam.title) }, { plan, unmet });
  }
  const paper = readPaper(db, id);
  if (!paper) return undefined;
  const { title, seed, ramp, rungs } = paper;
  return createPaper(db, { title: copied(title), seed, ramp, rungs });
}

const copied = (title: string) => title.slice(0, LONGEST_TITLE - COPY.length) + COPY;
