import { and, desc, eq, gt, lt } from 'drizzle-orm';
import type { Db, Reader, Writer } from './db';
import { carriedOut, logbook, logbookAbout, scripts, sittings } from './schema';

/** The user who acts until there are accounts. */
export const COORDINATOR = 1;

export const subjectKinds = [
  'paper',
  'class',
  'pupil',
  'sitting',
  'script',
  'plan',
  'context'
] as const;
type SubjectKind = (typeof subjectKinds)[number];

/** What a line of the logbook is about: a record by its id, never by a pupil's name. */
export type Subject = readonly [kind: SubjectKind, id: number];

/** Adds a line to the logbook: what was done, to what, and what that belongs to. */
export type Log = (
  action: string,
  subject: Subject | 'department',
  within?: readonly Subject[]
) => void;

/** Work that goes on is one line for so many minutes. */
const ONE_LINE = 30;

/**
 * Changes something in one transaction, with what the logbook says of it: all of it is kept or nothing. Readers go
 * on meanwhile; another writer waits.
 */
export function change<T>(db: Db, work: (tx: Writer, log: Log) => T): T {
  return db.transaction(
    (tx) =>
      work(tx, (action, subject, within = []) => {
        const isRecord = subject !== 'department';
        const line = {
          userId: COORDINATOR,
          action,
          subject: isRecord ? subject.join(' ') : subject
        };
        const { lineId } = tx.insert(logbook).values(line).returning({ lineId: logbook.id }).get();
        const about = isRecord ? [subject, ...within] : within;
        for (const [kind, subjectId] of about) {
          tx.insert(logbookAbout).values({ lineId, kind, subjectId }).onConflictDoNothing().run();
        }
      }),
    { behavior: 'immediate' }
  );
}

/** Notes work that saves itself, once in a while: else it would fill the logbook. */
export function logWork(
  tx: Reader,
  log: Log,
  action: string,
  subject: Subject,
  within: () => readonly Subject[] = () => []
): void {
  if (!isGoingOn(tx, action, subject)) log(action, subject, within());
}

/** Whether the logbook says already that this work is under way. */
function isGoingOn(db: Reader, action: string, subject: Subject): boolean {
  const since = new Date(Date.now() - ONE_LINE * 60_000).toISOString();
  const line = db
    .select({ id: logbook.id })
    .from(logbook)
    .where(
      and(eq(logbook.action, action), eq(logbook.subject, subject.join(' ')), gt(logbook.at, since))
    )
    .orderBy(desc(logbook.id))
    .limit(1)
    .get();
  return line !== undefined;
}

/** A sitting with its paper and its class. */
export function withinSitting(db: Reader, id: number): Subject[] {
  const row = db.select().from(sittings).where(eq(sittings.id, id)).get();
  return row
    ? [
        ['sitting', id],
        ['paper', row.paperId],
        ['class', row.classId]
      ]
    : [];
}

/** What a script belongs to. */
export function withinScript(db: Reader, id: number): Subject[] {
  const row = db.select().from(scripts).where(eq(scripts.id, id)).get();
  if (!row) return [];
  const pupil: Subject[] = row.pupilId === null ? [] : [['pupil', row.pupilId]];
  return [...pupil, ...withinSitting(db, row.sittingId)];
}

/** True for the first request with a key; one that was sent again, as its answer was lost, is not carried out twice. */
export function isFirst(tx: Writer, key: string): boolean {
  if (key === '') return true;
  return tx.insert(carriedOut).values({ key }).onConflictDoNothing().run().changes > 0;
}

/** Days after which nothing is sent again that was not heard. */
const REMEMBERED = 2;

/** Does away with the keys of requests that nobody will send again. */
export function forgetCarriedOut(db: Db): void {
  const before = new Date(Date.now() - REMEMBERED * 86_400_000).toISOString();
  db.delete(carriedOut).where(lt(carriedOut.at, before)).run();
}
