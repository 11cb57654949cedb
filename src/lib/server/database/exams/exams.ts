import {
  partFacts,
  partKey,
  partsIn,
  partTotals,
  type Blueprint,
  type Exam,
  type ExamFacts,
  type PaperPart
} from '@zealous-quill/core/exams';
import type { HouseStyle } from '@zealous-quill/core/house-style';
import type { PaperProblem } from '@zealous-quill/core/papers';
import { and, eq, isNull, ne } from 'drizzle-orm';
import { change, logWork } from '../base/change';
import type { Db, Reader, Writer } from '../base/db';
import { readDefaultSchemes, readHouse } from '../papers/default-schemes';
import { keepForms } from './forms';
import { keptStyle } from '../papers/house-style';
import { readPlanOf, type PlanFor } from '../papers/plans';
import { blueprints, forms, papers, sections } from '../base/schema';
import { soundExam, writeSections } from './stored-sections';
import { examProblems } from './exam-problems';

/** An exam with what is kept beside it. */
export interface StoredExam {
  readonly id: number;
  readonly version: number;
  readonly edition: number;
  readonly isSat: boolean;
  readonly state: (typeof papers.$inferSelect)['state'];
  /** The house style in which it was sat; null if it was not. */
  readonly style: HouseStyle | null;
  readonly exam: Exam;
  /** The plan that it must meet, and to whom its items must be new. */
  readonly plan: Blueprint | null;
  readonly unmet: PlanFor['unmet'];
  /** What could not be read of it, in words. */
  readonly damage: readonly string[];
}

/** Whether a paper is an exam; undefined if there is no such paper. */
export function isExam(db: Reader, id: number): boolean | undefined {
  const row = db.select({ kind: papers.kind }).from(papers).where(eq(papers.id, id)).get();
  return row && row.kind === 'exam';
}

/** An exam with whatever of it is sound; undefined if there is none of that id. */
export function readExam(db: Reader, id: number): StoredExam | undefined {
  const row = db.select().from(papers).where(eq(papers.id, id)).get();
  if (!row || row.kind !== 'exam') return undefined;
  const { title, seed, version, edition, state, frozenAt, style } = row;
  const isSat = frozenAt !== null;
  const { exam, damage } = soundExam(db, id, { title, seed, cover: row.cover ?? {} });
  return {
    ...{ id, version, edition, state, isSat, exam, damage },
    style: isSat ? keptStyle(style!) : null,
    ...(readPlanOf(db, id) ?? { plan: null, unmet: null })
  };
}

/** Makes an exam, with the plan that it must meet. */
export function createExam(
  db: Db,
  exam: Exam,
  {
    plan = null,
    unmet = null,
    previous
  }: Partial<Pick<StoredExam, 'plan' | 'unmet'>> & {
    previous?: { id: number; edition: number };
  } = {}
): number {
  return change(db, (tx, log) => {
    const { title, seed, cover } = exam;
    const row = tx
      .insert(papers)
      .values({
        ...{ kind: 'exam', title, seed, cover, ramp: { from: -2, to: 2 } },
        ...{ edition: (previous?.edition ?? 0) + 1, previousId: previous?.id ?? null }
      })
      .returning()
      .get();
    tx.insert(forms).values({ paperId: row.id, position: 0, letter: 'A' }).run();
    if (plan) tx.insert(blueprints).values({ paperId: row.id, name: title, plan, unmet }).run();
    writeSections(tx, row.id, exam);
    countUp(tx, row.id, exam);
    log('paper made', ['paper', row.id], previous ? [['paper', previous.id]] : []);
    return row.id;
  });
}

export type SaveExam =
  | { readonly ok: true; readonly version: number }
  | { readonly ok: false; readonly code: 'changed' | 'sat' | 'missing' }
  | { readonly ok: false; readonly code: 'unreadable'; readonly problems: readonly PaperProblem[] };

/**
 * Saves an exam over the version it was read at, as a draft again. Its forms stay; of a part that has changed they
 * have no version any more.
 */
export function saveExam(db: Db, id: number, version: number, exam: Exam): SaveExam {
  const problems = examProblems(exam);
  if (problems.length > 0) return { ok: false, code: 'unreadable', problems };
  return change(db, (tx, log): SaveExam => {
    const row = tx.select().from(papers).where(eq(papers.id, id)).get();
    if (!row || row.kind !== 'exam') return { ok: false, code: 'missing' };
    if (row.frozenAt !== null) return { ok: false, code: 'sat' };
    if (row.version !== version) return { ok: false, code: 'changed' };
    const { title, seed, cover } = exam;
    tx.update(papers)
      .set({
        ...{ title, seed, cover, version: version + 1, state: 'draft' },
        ...{ checkedBy: null, approvedBy: null, updatedAt: new Date().toISOString() }
      })
      .where(eq(papers.id, id))
      .run();
    keepForms(tx, id, () => {
      tx.delete(sections).where(eq(sections.paperId, id)).run();
      writeSections(tx, id, exam);
    });
    countUp(tx, id, exam);
    logWork(tx, log, 'paper edited', ['paper', id]);
    return { ok: true, version: version + 1 };
  });
}

/**
 * A copy to go on with, changed if that is wanted, since an exam that has been sat stays as it was; its forms stay with
 * what was sat.
 */
export function newExamEdition(
  db: Db,
  id: number,
  changed: (exam: Exam) => Exam = (exam) => exam
): number | undefined {
  const stored = readExam(db, id);
  if (!stored) return undefined;
  const { plan, unmet, edition } = stored;
  return createExam(db, changed(stored.exam), { plan, unmet, previous: { id, edition } });
}

/** Says how far an exam has come; who said so is kept. False if there is none, or it changed since. */
export function setExamState(
  db: Db,
  { id, version, userId }: { id: number; version: number; userId: number },
  state: StoredExam['state']
): boolean {
  return change(db, (tx, log) => {
    const by = {
      draft: { checkedBy: null, approvedBy: null },
      checked: { checkedBy: userId, approvedBy: null },
      approved: { approvedBy: userId }
    }[state];
    const { changes } = tx
      .update(papers)
      .set({ state, ...by })
      .where(
        and(
          eq(papers.id, id),
          eq(papers.version, version),
          ne(papers.state, state),
          isNull(papers.frozenAt)
        )
      )
      .run();
    if (changes > 0) log(`paper ${state === 'draft' ? 'a draft again' : state}`, ['paper', id]);
    return changes > 0;
  });
}

/** What is computed of some parts of an exam, all of them unless said. */
export function factsOfExam(
  db: Reader,
  exam: Exam,
  style: HouseStyle,
  parts: readonly PaperPart[] = partsIn(exam)
): ExamFacts {
  const context = { seed: exam.seed, style, defaults: readDefaultSchemes(db) };
  return Object.fromEntries(parts.map((part) => [partKey(part), partFacts(part, context)]));
}

/** Keeps beside the paper what lists show of it. */
function countUp(db: Writer, paperId: number, exam: Exam): void {
  const all = partsIn(exam);
  const { marks, seconds } = partTotals(all, readHouse(db));
  const values = { itemCount: all.length, marks, minutes: Math.ceil(seconds / 60) };
  db.update(papers).set(values).where(eq(papers.id, paperId)).run();
}
