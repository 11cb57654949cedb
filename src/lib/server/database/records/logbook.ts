import { and, count, desc, eq, exists, sql } from 'drizzle-orm';
import { pageOf, PAGE, type Listed } from '../base/list-query';
import type { Subject } from '../base/change';
import type { Db, Reader } from '../base/db';
import {
  blueprints,
  contexts,
  classes,
  decisions,
  logbook,
  logbookAbout,
  markings,
  papers,
  parts,
  pupils,
  questions,
  responses,
  scripts,
  sections,
  sittings,
  users
} from '../base/schema';

export interface LogLine {
  readonly at: string;
  readonly by: string;
  readonly action: string;
  /** What it was about in words, and where it is, if it is still there. */
  readonly about: string;
  readonly href: string | null;
}

/** The newest lines of the logbook, with their subjects named. */
export function recentLog(db: Db, limit: number): LogLine[] {
  return lines(db).limit(limit).all().map(withName(db));
}

/** A page of the log, of all or of what is about one record, the newest first. */
export function readLog(db: Db, about: Subject | undefined, asked: number): Listed<LogLine> {
  const own = about && aboutIt(db, about);
  const { total } = db.select({ total: count() }).from(logbook).where(own).get()!;
  const { offset, ...page } = pageOf(total, asked);
  const rows = lines(db).where(own).limit(PAGE).offset(offset).all().map(withName(db));
  return { rows, ...page };
}

function lines(db: Reader) {
  return db
    .select({
      at: logbook.at,
      by: users.name,
      action: logbook.action,
      subject: logbook.subject
    })
    .from(logbook)
    .innerJoin(users, eq(users.id, logbook.userId))
    .orderBy(desc(logbook.id));
}

function aboutIt(db: Reader, [kind, id]: Subject) {
  return exists(
    db
      .select({ one: sql`1` })
      .from(logbookAbout)
      .where(
        and(
          eq(logbookAbout.lineId, logbook.id),
          eq(logbookAbout.kind, kind),
          eq(logbookAbout.subjectId, id)
        )
      )
  );
}

export interface Decided {
  readonly at: string;
  readonly by: string;
  readonly item: string;
  readonly mark: string;
  /** Null where the proposal stands again. */
  readonly given: number | null;
  readonly reason: string;
}

/** What was decided on the marks of a script, in the order in which it was. */
export function scriptDecisions(db: Reader, scriptId: number): Decided[] {
  return db
    .select({
      at: decisions.at,
      by: users.name,
      item: sql<string>`'item ' || (
        select count(*) from ${parts} as p join ${questions} as q on p."questionId" = q.id
          join ${sections} as s on s.id = q."sectionId"
        where s."paperId" = ${sections.paperId}
          and (s.position, q.position, p.position)
            <= (${sections.position}, ${questions.position}, ${parts.position}))`,
      mark: decisions.mark,
      given: decisions.given,
      reason: decisions.reason
    })
    .from(decisions)
    .innerJoin(users, eq(users.id, decisions.userId))
    .innerJoin(responses, eq(responses.id, decisions.responseId))
    .innerJoin(markings, eq(markings.id, responses.markingId))
    .innerJoin(parts, eq(parts.id, responses.partId))
    .innerJoin(questions, eq(questions.id, parts.questionId))
    .innerJoin(sections, eq(sections.id, questions.sectionId))
    .where(eq(markings.scriptId, scriptId))
    .orderBy(decisions.id)
    .all();
}

const withName =
  (db: Reader) =>
  ({ subject, ...line }: Omit<LogLine, 'about' | 'href'> & { subject: string }): LogLine => {
    const [kind, id] = subject.split(' ');
    const known = kind && id && /^\d+$/.test(id) ? nameOf(db, kind, Number(id)) : undefined;
    return { ...line, ...(known ?? { about: goneWords[kind ?? ''] ?? subject, href: null }) };
  };

/** What a record is called that is not there any more. */
const goneWords: Readonly<Record<string, string>> = {
  paper: 'a paper that was removed',
  plan: 'a plan that was removed',
  context: 'a context that was removed',
  class: 'a class that was removed',
  sitting: 'a sitting that was removed',
  script: 'a script that was removed',
  pupil: 'a pupil who was removed',
  department: 'the department'
};

/** What a record is called, and where it is; undefined if it is gone. Pupils go without their names. */
export function nameOf(
  db: Reader,
  kind: string,
  id: number
): { about: string; href: string } | undefined {
  switch (kind) {
    case 'paper': {
      const paper = db.select({ title: papers.title }).from(papers).where(eq(papers.id, id)).get();
      return paper && { about: paper.title, href: `/papers/${id}` };
    }
    case 'plan': {
      const plan = db
        .select({ name: blueprints.name })
        .from(blueprints)
        .where(eq(blueprints.id, id))
        .get();
      return plan && { about: plan.name, href: `/papers/plans/${id}` };
    }
    case 'context': {
      const row = db.select().from(contexts).where(eq(contexts.id, id)).get();
      return row && { about: row.context.title, href: `/house-style/contexts/${id}` };
    }
    case 'class': {
      const group = db.select({ name: classes.name }).from(classes).where(eq(classes.id, id)).get();
      return group && { about: group.name, href: `/classes/${id}` };
    }
    case 'pupil': {
      const pupil = db
        .select({ name: classes.name, classId: classes.id })
        .from(pupils)
        .innerJoin(classes, eq(classes.id, pupils.classId))
        .where(eq(pupils.id, id))
        .get();
      return pupil && { about: `a pupil of ${pupil.name}`, href: `/classes/${pupil.classId}` };
    }
    case 'script': {
      const script = db.select().from(scripts).where(eq(scripts.id, id)).get();
      const sitting = script && nameOf(db, 'sitting', script.sittingId);
      return (
        sitting && {
          about: `a script of ${sitting.about}`,
          href: `/marking/${script.sittingId}?by=script&script=${id}`
        }
      );
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
