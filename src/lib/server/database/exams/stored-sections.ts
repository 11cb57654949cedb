import { coverSchema, examSchema, type Exam, type PaperPart } from '@zealous-quill/core/exams';
import { asc, eq } from 'drizzle-orm';
import type { Reader, Writer } from '../base/db';
import { parts, questions, sections } from '../base/schema';
import { examProblems } from './exam-problems';

/** The sections, questions and parts of an exam as far as they can be read. */
export function soundExam(
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
export function writeSections(db: Writer, paperId: number, exam: Exam): void {
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
