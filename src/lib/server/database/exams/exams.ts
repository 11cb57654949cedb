import {
  coverSchema,
  examSchema,
  partFacts,
  partKey,
  partsIn,
  partTotals,
  type Blueprint,
  type Exam,
  type ExamFacts,
  type PaperPart
} from '@zealous-quill/core/exams';
import { houseStyleSchema, type HouseStyle } from '@zealous-quill/core/house-style';
import type { PaperProblem } from '@zealous-quill/core/papers';
import { findSkill } from '@zealous-quill/core/skill';
import { and, asc, eq, isNull, ne } from 'drizzle-orm';
import { change, logWork } from '../base/change';
import type { Db, Reader, Writer } from '../base/db';
import { readDefaultSchemes } from '../papers/default-schemes';
import { keepForms } from './forms';
import { readHouseStyle } from '../papers/house-style';
import { readPlanOf, type PlanFor } from '../papers/plans';
import { blueprints, forms, papers, parts, questions, sections } from '../base/schema';

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
    style: isSat ? houseStyleSchema.parse(style) : null,
    ...(readPlanOf(db, id) ?? { plan: null, unmet: null })
  };
}

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
  const context = { style: readHouseStyle(db), defaults: readDefaultSchemes(db) };
  const { marks, seconds } = partTotals(all, context);
  const values = { itemCount: all.length, marks, minutes: Math.ceil(seconds / 60) };
  db.update(papers).set(values).where(eq(papers.id, paperId)).run();
}

/** The sections, questions and parts of an exam as far as they can be read. */
function soundExam(
  db: Reader,
  paperId: number,
  head: { title: string; seed: number; cover: object }
): { exam: Exam; damage: string[] } {
  const rows = db
    .select({ section: sections, question: questions, part: parts })
    .from(sections)
    .leftJoin(questions, eq(questions.sectionId, sections.id))
    .leftJoin(parts, eq(parts.questionId, questions.id))
    .where(eq(sections.paperId, paperId))
    .orderBy(asc(sections.position), asc(questions.position), asc(parts.position))
    .all();
  const read: { id: string; questions: { id: string; parts: unknown[] }[] }[] = [];
  for (const { section, question, part } of rows) {
    const { key: id, title, instruction, calculator } = section;
    if (read.at(-1)?.id !== id) {
      read.push({ ...{ id, title, instruction, calculator }, questions: [] } as (typeof read)[0]);
    }
    const own = read.at(-1)!.questions;
    if (!question || !part) continue;
    if (own.at(-1)?.id !== question.key) {
      const { key, stem, startsPage } = question;
      own.push({ id: key, stem: stem ?? '', startsPage, parts: [] } as (typeof own)[0]);
    }
    own.at(-1)!.parts.push(partOf(part));
  }
  return partByPart(head, read);
}

/** Leaves out parts that cannot be read, and says so. */
function partByPart(
  head: { title: string; seed: number; cover: object },
  read: readonly { questions: { parts: unknown[] }[] }[]
): { exam: Exam; damage: string[] } {
  const whole = examSchema.safeParse({ ...head, sections: read });
  if (whole.success && examProblems(whole.data).length === 0)
    return { exam: whole.data, damage: [] };
  const damage: string[] = [];
  let number = 0;
  const isSound = (part: unknown) => {
    const alone = {
      ...{ title: 'x', seed: 0, cover: {} },
      sections: [
        { id: 's', calculator: false, questions: [{ id: 'q', startsPage: false, parts: [part] }] }
      ]
    };
    const one = examSchema.safeParse(alone);
    return one.success && examProblems(one.data).length === 0;
  };
  const sound = read.map((section) => ({
    ...section,
    questions: section.questions.flatMap((question) => {
      number++;
      const left = question.parts.filter(isSound);
      const lost = question.parts.length - left.length;
      if (lost > 0) damage.push(`Question ${number}: ${lost} of its parts could not be read.`);
      return left.length > 0 ? [{ ...question, parts: left }] : [];
    })
  }));
  const cover = coverSchema.safeParse(head.cover);
  if (!cover.success) damage.push('The cover could not be read.');
  const readable = { ...head, cover: cover.data ?? {} };
  const kept = examSchema.safeParse({ ...readable, sections: sound });
  if (kept.success) return { exam: kept.data, damage };
  return {
    exam: examSchema.parse({ ...readable, sections: [emptySection] }),
    damage: [...damage, 'The questions could not be read.']
  };
}

const emptySection = { id: 'main', calculator: false, questions: [] };

function partOf(row: typeof parts.$inferSelect): PaperPart {
  const { key: id, kind, skill, school, given, locked, edited, guidance, scheme } = row;
  return {
    ...{ id, row: row.row, kind, skill, school, given, locked, edited, guidance },
    ...(scheme && { scheme }),
    ...(row.answerSpace && { space: row.answerSpace })
  } as PaperPart;
}

/** Writes the sections of an exam that has none yet. */
function writeSections(db: Writer, paperId: number, exam: Exam): void {
  exam.sections.forEach(({ id: key, title, instruction, calculator, questions: own }, position) => {
    const section = db
      .insert(sections)
      .values({ paperId, position, key, title, instruction, calculator })
      .returning({ id: sections.id })
      .get();
    own.forEach(({ id: key, stem, startsPage, parts: asked }, at) => {
      const question = db
        .insert(questions)
        .values({ sectionId: section.id, position: at, key, stem, startsPage })
        .returning({ id: questions.id })
        .get();
      asked.forEach(({ id: key, space, scheme, ...part }, place) => {
        db.insert(parts)
          .values({
            ...{ questionId: question.id, position: place, key, ...part },
            ...{ scheme: scheme ?? null, answerSpace: space ?? null }
          })
          .run();
      });
    });
  });
}
