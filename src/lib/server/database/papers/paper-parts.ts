import { asc, eq, sql } from 'drizzle-orm';
import type { Reader } from '../base/db';
import { parts, questions, sections } from '../base/schema';

/** A part of a paper by where it stands; what is given is not read, as anything may have happened to it. */
export interface PlacedRow {
  readonly id: number;
  /** Its id on the paper, and those of its section and question. */
  readonly key: string;
  readonly section: string;
  readonly question: number;
  readonly kind: string;
  /** The same text as long as it asks the same. */
  readonly asks: string;
}

/** The parts of a paper, in order. */
export function partsOfPaper(db: Reader, paperId: number): PlacedRow[] {
  return db
    .select({
      ...{ id: parts.id, key: parts.key, kind: parts.kind },
      ...{ section: sections.key, question: questions.id },
      asks: sql<string>`coalesce(${parts.skill}, '') || ' ' || coalesce(${parts.school}, '') || ' ' || ${parts.given}`
    })
    .from(parts)
    .innerJoin(questions, eq(questions.id, parts.questionId))
    .innerJoin(sections, eq(sections.id, questions.sectionId))
    .where(eq(sections.paperId, paperId))
    .orderBy(asc(sections.position), asc(questions.position), asc(parts.position))
    .all();
}

/** The keys of the parts of a paper in the database, by their ids on it. */
export function partIds(db: Reader, paperId: number): Map<string, number> {
  return new Map(partsOfPaper(db, paperId).map(({ key, id }) => [key, id]));
}
