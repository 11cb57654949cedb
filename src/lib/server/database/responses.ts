import {
  markItem,
  noResponse,
  unknownSteps,
  type Attempt,
  type MarkedItem,
  type Response,
  type Working
} from '@zealous-quill/core/marking';
import type { Option, PartSnapshot } from '@zealous-quill/core/exams';
import { patternKey, skillOf, WorkedItem } from '@zealous-quill/core/skills';
import { ANSWER } from '@zealous-quill/core/working';
import { and, asc, count, eq, inArray, sql } from 'drizzle-orm';
import { change, COORDINATOR, logWork, withinScript } from './change';
import type { Db, Reader, Writer } from './connection';
import { keptSnapshot } from './kept-snapshot';
import {
  decisions,
  entries,
  markings,
  marks,
  responses,
  scripts,
  snapshots,
  type Outcome
} from './schema';
import { schemesSince } from './scheme-versions';
import { keptTexts } from './snapshots';

/** The round of marking that counts until there is a second one. */
export const ROUND = 1;

/** A response with the version it was read at. */
export type ResponseState = Response & { readonly version: number };
export type GivenMarks = Response['given'];

export const NOTHING: ResponseState = { version: 0, ...noResponse };

/** The responses to some parts on some scripts, by `scriptId/partId`. */
export function readResponses(
  db: Reader,
  where: { scripts: readonly number[]; parts: readonly number[] }
): Record<string, ResponseState> {
  const rows = db
    .select({ scriptId: markings.scriptId, response: responses })
    .from(responses)
    .innerJoin(markings, eq(markings.id, responses.markingId))
    .where(
      and(
        eq(markings.round, ROUND),
        inArray(markings.scriptId, [...where.scripts]),
        inArray(responses.partId, [...where.parts])
      )
    )
    .all();
  const ids = rows.map(({ response }) => response.id);
  const written = groupBy(db.select().from(entries).where(inArray(entries.responseId, ids)).all());
  const decided = standing(db, ids);
  return Object.fromEntries(
    rows.map(({ scriptId, response: { id, partId, version, isMarked, attempt, comment } }) => [
      `${scriptId}/${partId}`,
      {
        ...{ version, isMarked, comment },
        attempt: attempt as Attempt,
        working: Object.fromEntries(
          (written.get(id) ?? []).map(({ step, written }) => [step, written])
        ),
        given: decided.get(id) ?? {}
      }
    ])
  );
}

/** How a part of a script stands: the marks it was given, if it is marked, and the version of its response. */
export interface ResponseMarks {
  readonly marks: number | null;
  readonly version: number;
  /** Working was entered, so that the marks are not all there is. */
  readonly hasWorking: boolean;
}

/** The marks of all responses of a sitting, by `scriptId/partId`. */
export function readResponseMarks(db: Reader, sittingId: number): Record<string, ResponseMarks> {
  const rows = db
    .select({
      ...{ scriptId: markings.scriptId, partId: responses.partId, version: responses.version },
      ...{ isMarked: responses.isMarked, outcome: responses.outcome },
      steps: sql<number>`(select count(*) from ${entries} where ${entries.responseId} = ${responses.id})`
    })
    .from(responses)
    .innerJoin(markings, and(eq(markings.id, responses.markingId), eq(markings.round, ROUND)))
    .innerJoin(scripts, eq(scripts.id, markings.scriptId))
    .where(eq(scripts.sittingId, sittingId))
    .all();
  return Object.fromEntries(
    rows.map(({ scriptId, partId, version, isMarked, outcome, steps }) => [
      `${scriptId}/${partId}`,
      { version, marks: isMarked ? (outcome?.awarded ?? 0) : null, hasWorking: steps > 0 }
    ])
  );
}

/** The marks of a sitting as the cells of a grid, a row a script, a column a part. */
export function readMarkCells(
  db: Reader,
  sittingId: number
): Record<string, { readonly value: number | null; readonly version: number }> {
  return Object.fromEntries(
    Object.entries(readResponseMarks(db, sittingId)).map(([at, { marks, version }]) => [
      at,
      { value: marks, version }
    ])
  );
}

/** The decisions that stand on some responses: the newest on each mark, where it gives one. */
function standing(db: Reader, ids: readonly number[]): Map<number, GivenMarks> {
  const made = db
    .select()
    .from(decisions)
    .where(inArray(decisions.responseId, [...ids]))
    .orderBy(asc(decisions.id))
    .all();
  return new Map(
    [...groupBy(made)].map(([id, rows]) => {
      const newest = new Map(rows.map((row) => [row.mark, row]));
      const given = [...newest.values()].flatMap(({ mark, given, reason }) =>
        given === null ? [] : [[mark, { given, reason }] as const]
      );
      return [id, Object.fromEntries(given)];
    })
  );
}

export type SaveResponse =
  | { ok: true; version: number }
  | { ok: false; code: 'missing' | 'unknown-step' | 'unknown-mark' }
  | { ok: false; code: 'changed'; current: ResponseState };

/**
 * Saves a response over the version it was read at, marks it anew and keeps proposals and decisions side by
 * side. Refuses, with what stands there now, if it was saved since: two markers never overwrite each other.
 */
export function saveResponse(
  db: Db,
  scriptId: number,
  partId: number,
  state: ResponseState
): SaveResponse {
  return change(db, (tx, log): SaveResponse => {
    const sat = snapshotFor(tx, scriptId, partId);
    if (!sat) return { ok: false, code: 'missing' };
    const markingId = markingOf(tx, scriptId);
    const row = tx
      .select()
      .from(responses)
      .where(and(eq(responses.markingId, markingId), eq(responses.partId, partId)))
      .get();
    const current = row
      ? readResponses(tx, { scripts: [scriptId], parts: [partId] })[`${scriptId}/${partId}`]!
      : NOTHING;
    if (current.version !== state.version) return { ok: false, code: 'changed', current };
    const worked = workedOf(sat);
    if (unknownSteps(worked, state.working).length > 0) {
      return { ok: false, code: 'unknown-step' };
    }
    if (!givenFit(sat, state.given)) return { ok: false, code: 'unknown-mark' };
    const marked = markItem(worked, state.working, sat.scheme);
    const values = {
      markingId,
      partId,
      version: state.version + 1,
      isMarked: state.isMarked,
      attempt: state.attempt,
      comment: state.comment.trim(),
      outcome: outcomeOf(worked, marked, state, sat.options),
      updatedAt: new Date().toISOString()
    };
    const { id } = row
      ? tx.update(responses).set(values).where(eq(responses.id, row.id)).returning().get()
      : tx.insert(responses).values(values).returning().get();
    writeEntries(tx, id, state.working);
    writeMarks(tx, id, marked);
    decide(tx, id, current.given, state.given, (action) =>
      log(action, ['script', scriptId], withinScript(tx, scriptId))
    );
    countMarked(tx, scriptId);
    logWork(tx, log, 'script marked', ['script', scriptId], () => withinScript(tx, scriptId));
    return { ok: true, version: values.version };
  });
}

type Sat = Pick<PartSnapshot, 'item' | 'scheme' | 'options'>;

function workedOf({ item: { skill, given, school } }: Sat): WorkedItem {
  return new WorkedItem(skillOf(skill), given, school);
}

/** The part as it was sat, if it stands on the form that the script answers and can be read. */
function snapshotFor(db: Reader, scriptId: number, partId: number): Sat | undefined {
  const kept = db
    .select(keptTexts)
    .from(scripts)
    .innerJoin(snapshots, and(eq(snapshots.formId, scripts.formId), eq(snapshots.partId, partId)))
    .where(eq(scripts.id, scriptId))
    .get();
  const sat = kept && keptSnapshot(kept);
  const since = schemesSince(db, [partId]).get(partId);
  return sat && since ? { ...sat, scheme: since.scheme } : sat;
}

/** The marking of a script that counts; it begins with its first response. */
function markingOf(db: Writer, scriptId: number): number {
  const own = and(eq(markings.scriptId, scriptId), eq(markings.round, ROUND));
  const row = db.select({ id: markings.id }).from(markings).where(own).get();
  return (
    row ??
    db
      .insert(markings)
      .values({ scriptId, round: ROUND, userId: COORDINATOR })
      .returning({ id: markings.id })
      .get()
  ).id;
}

function givenFit({ scheme }: Sat, given: GivenMarks): boolean {
  return Object.entries(given).every(([id, mark]) => {
    const line = scheme.marks.find((candidate) => candidate.id === id);
    return line !== undefined && mark.given <= line.value && mark.reason.trim() !== '';
  });
}

function outcomeOf(
  item: WorkedItem,
  marked: MarkedItem,
  { given, attempt, working }: Response,
  options: readonly Option[] | undefined
): Outcome {
  const awarded = marked.marks.lines.reduce(
    (sum, line) => sum + (given[line.id]?.given ?? line.awarded),
    0
  );
  // A blank carries no evidence, nor does a method with other steps.
  const isEvidence = attempt !== 'another-method' && Object.keys(working).length > 0;
  const shown = isEvidence ? marked.diagnosis.flatMap(({ patterns }) => patterns) : [];
  const keyOf = (id: string) => patternKey(item.skill.id, id);
  const chosen = options?.find(({ text }) => text === working[ANSWER]);
  return {
    awarded,
    proposed: marked.marks.awarded,
    available: marked.marks.available,
    verdict: marked.answer.verdict,
    // Of a choice, what could show is what could be chosen, and what is behind an option is known.
    ...(chosen && options && isEvidence
      ? {
          couldShow: options.flatMap(({ pattern }) => pattern ?? []),
          didShow: chosen.pattern === undefined ? [] : [chosen.pattern],
          isSlip: chosen.by === 'slip'
        }
      : {
          couldShow: isEvidence ? item.couldShow().map(keyOf) : [],
          didShow: [...new Set(shown)].map(keyOf)
        }),
    flags: [...marked.flags]
  };
}

function writeEntries(db: Writer, responseId: number, working: Working): void {
  db.delete(entries).where(eq(entries.responseId, responseId)).run();
  const rows = Object.entries(working)
    .filter(([, written]) => written.trim() !== '')
    .map(([step, written]) => ({ responseId, step, written }));
  if (rows.length > 0) db.insert(entries).values(rows).run();
}

function writeMarks(db: Writer, responseId: number, marked: MarkedItem): void {
  db.delete(marks).where(eq(marks.responseId, responseId)).run();
  const rows = marked.marks.lines.map(({ id, awarded, available, because }) => ({
    ...{ responseId, mark: id, available, proposed: awarded, because }
  }));
  db.insert(marks).values(rows).run();
}

/** Adds what was decided anew: another mark or reason, or that a proposal stands again. */
function decide(
  db: Writer,
  responseId: number,
  before: GivenMarks,
  now: GivenMarks,
  log: (action: string) => void
): void {
  for (const mark of new Set([...Object.keys(before), ...Object.keys(now)])) {
    const [old, own] = [before[mark], now[mark]];
    const given = own?.given ?? null;
    const reason = own?.reason.trim() ?? '';
    if (given === (old?.given ?? null) && reason === (old?.reason ?? '')) continue;
    db.insert(decisions).values({ responseId, mark, given, reason, userId: COORDINATOR }).run();
    log(given === null ? `mark ${mark} as proposed again` : `mark ${mark} decided: ${given}`);
  }
}

function countMarked(db: Writer, scriptId: number): void {
  const { n } = db
    .select({ n: count() })
    .from(responses)
    .innerJoin(markings, eq(markings.id, responses.markingId))
    .where(
      and(eq(markings.scriptId, scriptId), eq(markings.round, ROUND), eq(responses.isMarked, true))
    )
    .get()!;
  db.update(scripts).set({ markedItems: n }).where(eq(scripts.id, scriptId)).run();
}

function groupBy<T extends { responseId: number }>(rows: readonly T[]): Map<number, T[]> {
  const groups = new Map<number, T[]>();
  for (const row of rows) {
    const group = groups.get(row.responseId);
    if (group) group.push(row);
    else groups.set(row.responseId, [row]);
  }
  return groups;
}
