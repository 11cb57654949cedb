import { schemeSchema, type Scheme } from '@zealous-quill/core/marking';
import { asc, eq, inArray } from 'drizzle-orm';
import { change, COORDINATOR, type Subject } from './change';
import type { Db, Reader } from './connection';
import type { withdrawals } from './schema';
import { parts, questions, schemeVersions, sections, users } from './schema';

export type Withdrawal = (typeof withdrawals)[number];

/** What changed of the marking of a part since it was sat. */
export interface SchemeVersion {
  readonly scheme: Scheme;
  readonly withdrawn: Withdrawal;
  readonly reason: string;
  readonly by: string;
  readonly at: string;
}

/** The newest version of the scheme of each part that has one since it was sat. */
export function schemesSince(db: Reader, partIds: readonly number[]): Map<number, SchemeVersion> {
  const rows = db
    .select({ version: schemeVersions, by: users.name })
    .from(schemeVersions)
    .innerJoin(users, eq(users.id, schemeVersions.userId))
    .where(inArray(schemeVersions.partId, [...partIds]))
    .orderBy(asc(schemeVersions.id))
    .all();
  return new Map(
    rows.flatMap(({ version: { partId, withdrawn, reason, at, ...kept }, by }) => {
      const scheme = schemeSchema.safeParse(kept.scheme);
      return scheme.success
        ? [[partId, { scheme: scheme.data, withdrawn, reason, by, at }] as const]
        : [];
    })
  );
}

/** Keeps another scheme for a sat part, or that it is withdrawn, beside what it was sat with. */
export function addSchemeVersion(
  db: Db,
  partId: number,
  { scheme, withdrawn, reason }: Pick<SchemeVersion, 'scheme' | 'withdrawn' | 'reason'>
): void {
  change(db, (tx, log) => {
    tx.insert(schemeVersions)
      .values({ partId, scheme, withdrawn, reason, userId: COORDINATOR })
      .run();
    const { paperId } = tx
      .select({ paperId: sections.paperId })
      .from(parts)
      .innerJoin(questions, eq(questions.id, parts.questionId))
      .innerJoin(sections, eq(sections.id, questions.sectionId))
      .where(eq(parts.id, partId))
      .get()!;
    const paper: Subject = ['paper', paperId];
    log(withdrawn === 'no' ? 'scheme changed after sitting' : 'part withdrawn', paper);
  });
}
