import { desc, eq } from 'drizzle-orm';
import type { Db } from './connection';
import { classes, logbook, papers, sittings } from './schema';

/** The user who acts until there are accounts. */
export const COORDINATOR = 1;

/** Adds a line to the logbook. The subject names records by id, never a pupil. */
export function log(db: Pick<Db, 'insert'>, action: string, subject: string): void {
  db.insert(logbook).values({ userId: COORDINATOR, action, subject }).run();
}

export interface LogLine {
  readonly at: string;
  readonly action: string;
  /** What it was about in words, and where it is, if it is still there. */
  readonly about: string;
  readonly href: string | null;
}

/** The newest lines of the logbook, with their subjects named. */
export function recentLog(db: Db, limit: number): LogLine[] {
  return db
    .select({ at: logbook.at, action: logbook.action, subject: logbook.subject })
    .from(logbook)
    .orderBy(desc(logbook.id))
    .limit(limit)
    .all()
    .map(({ at, action, subject }) => ({ at, action, ...named(db, subject) }));
}

function named(db: Db, subject: string): { about: string; href: string | null } {
  const [kind, id] = subject.split(' ');
  const about = kind && id && /^\d+$/.test(id) ? nameOf(db, kind, Number(id)) : undefined;
  return about ?? { about: subject, href: null };
}

function nameOf(db: Db, kind: string, id: number): { about: string; href: string } | undefined {
  switch (kind) {
    case 'paper': {
      const paper = db.select({ title: papers.title }).from(papers).where(eq(papers.id, id)).get();
      return paper && { about: paper.title, href: `/papers/${id}` };
    }
    case 'class': {
      const group = db.select({ name: classes.name }).from(classes).where(eq(classes.id, id)).get();
      return group && { about: group.name, href: `/classes/${id}` };
    }
    case 'sitting': {
      const sitting = db
        .select({ title: papers.title, name: classes.name })
        .from(sittings)
        .innerJoin(papers, eq(papers.id, sittings.paperId))
        .innerJoin(classes, eq(classes.id, sittings.classId))
        .where(eq(sittings.id, id))
        .get();
      return sitting && { about: `${sitting.name}, ${sitting.title}`, href: `/marking/${id}` };
    }
    default:
      return undefined;
  }
}
