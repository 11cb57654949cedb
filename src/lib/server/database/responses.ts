import { markItem, type MarkedItem, type Working } from '@zealous-quill/core/marking';
import { patternKey, skillOf } from '@zealous-quill/core/skills';
import { and, count, eq, inArray } from 'drizzle-orm';
import type { Db } from './connection';
import { COORDINATOR } from './logbook';
import {
  entries,
  marks,
  paperItems,
  responses,
  scripts,
  sections,
  sittings,
  type Derived
} from './schema';

/** A mark that a marker gave instead of the proposed one. */
export interface GivenMark {
  readonly given: number;
  readonly reason: string;
}

export type GivenMarks = Readonly<Record<string, GivenMark>>;

/** What stands in a response: what the pupil wrote, and what the marker decided. */
export interface ResponseState {
  readonly version: number;
  readonly working: Working;
  readonly isMarked: boolean;
  readonly given: GivenMarks;
}

export const NOTHING: ResponseState = { version: 0, working: {}, isMarked: false, given: {} };

/** The responses to some items on some scripts, by `scriptId/itemId`. */
export function readResponses(
  db: Pick<Db, 'select'>,
  where: { scripts: readonly number[]; items: readonly number[] }
): Record<string, ResponseState> {
  const rows = db
    .select()
    .from(responses)
    .where(
      and(
        inArray(responses.scriptId, [...where.scripts]),
        inArray(responses.itemId, [...where.items])
      )
    )
    .all();
  const ids = rows.map(({ id }) => id);
  const written = groupBy(db.select().from(entries).where(inArray(entries.responseId, ids)).all());
  const decided = groupBy(db.select().from(marks).where(inArray(marks.responseId, ids)).all());
  return Object.fromEntries(
    rows.map(({ id, scriptId, itemId, version, isMarked }) => [
      `${scriptId}/${itemId}`,
      {
        version,
        isMarked,
        working: Object.fromEntries(
          (written.get(id) ?? []).map(({ step, written }) => [step, written])
        ),
        given: Object.fromEntries(
          (decided.get(id) ?? []).flatMap(({ mark, given, reason }) =>
            given === null ? [] : [[mark, { given, reason: reason ?? '' }]]
          )
        )
      }
    ])
  );
}

export type SaveResponse =
  | { ok: true; version: number }
  | { ok: false; code: 'missing' | 'unknown-step' | 'unknown-mark' }
  | { ok: false; code: 'changed'; current: ResponseState };

/**
 * Saves a response over the version it was read at, marks it anew and keeps proposals and given marks side by
 * side. Refuses, with what stands there now, if it was saved since: two markers never overwrite each other.
 */
export function saveResponse(
  db: Db,
  scriptId: number,
  itemId: number,
  state: ResponseState
): SaveResponse {
  return db.transaction(
    (tx): SaveResponse => {
      const derived = derivedOf(tx, scriptId, itemId);
      if (!derived) return { ok: false, code: 'missing' };
      const row = tx
        .select()
        .from(responses)
        .where(and(eq(responses.scriptId, scriptId), eq(responses.itemId, itemId)))
        .get();
      if ((row?.version ?? 0) !== state.version) {
        const current = readResponses(tx, { scripts: [scriptId], items: [itemId] });
        return { ok: false, code: 'changed', current: current[`${scriptId}/${itemId}`] ?? NOTHING };
      }
      const steps = skillOf(derived.item.skill)
        .graph(derived.item.given, derived.item.school)
        .steps.map(({ id }) => id);
      if (Object.keys(state.working).some((id) => !steps.includes(id))) {
        return { ok: false, code: 'unknown-step' };
      }
      if (!givenFit(derived, state.given)) return { ok: false, code: 'unknown-mark' };
      const marked = markDerived(derived, state.working);
      const values = {
        scriptId,
        itemId,
        version: state.version + 1,
        isMarked: state.isMarked,
        outcome: outcomeOf(derived, marked, state.given),
        updatedAt: new Date().toISOString()
      };
      const { id } = row
        ? tx.update(responses).set(values).where(eq(responses.id, row.id)).returning().get()
        : tx.insert(responses).values(values).returning().get();
      writeEntries(tx, id, state.working);
      writeMarks(tx, id, marked, state.given);
      countMarked(tx, scriptId);
      return { ok: true, version: values.version };
    },
    { behavior: 'immediate' }
  );
}

/** Marks what was written to an item as it was when the paper was sat. */
export function markDerived({ item, scheme }: Derived, working: Working): MarkedItem {
  const { skill, given, school } = item;
  return markItem(skillOf(skill), { given, school, working, scheme });
}

type Writer = Pick<Db, 'select' | 'insert' | 'update' | 'delete'>;

/** The item, if it stands on the paper that the script answers. */
function derivedOf(db: Writer, scriptId: number, itemId: number): Derived | undefined {
  const row = db
    .select({ derived: paperItems.derived })
    .from(scripts)
    .innerJoin(sittings, eq(sittings.id, scripts.sittingId))
    .innerJoin(sections, eq(sections.paperId, sittings.paperId))
    .innerJoin(paperItems, eq(paperItems.sectionId, sections.id))
    .where(and(eq(scripts.id, scriptId), eq(paperItems.id, itemId)))
    .get();
  return row?.derived ?? undefined;
}

function givenFit({ scheme }: Derived, given: GivenMarks): boolean {
  return Object.entries(given).every(([id, mark]) => {
    const line = scheme.marks.find((candidate) => candidate.id === id);
    return line !== undefined && mark.given <= line.value && mark.reason.trim() !== '';
  });
}

function outcomeOf({ item }: Derived, marked: MarkedItem, given: GivenMarks) {
  const awarded = marked.marks.lines.reduce(
    (sum, line) => sum + (given[line.id]?.given ?? line.awarded),
    0
  );
  return {
    awarded,
    proposed: marked.marks.awarded,
    available: marked.marks.available,
    verdict: marked.answer.verdict,
    couldShow: item.errorPatterns.map(({ id }) => patternKey(item.skill, id)),
    didShow: [...new Set(marked.diagnosis.flatMap(({ patterns }) => patterns))].map((id) =>
      patternKey(item.skill, id)
    ),
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

function writeMarks(db: Writer, responseId: number, marked: MarkedItem, given: GivenMarks): void {
  const before = db.select().from(marks).where(eq(marks.responseId, responseId)).all();
  db.delete(marks).where(eq(marks.responseId, responseId)).run();
  const now = new Date().toISOString();
  const rows = marked.marks.lines.map(({ id, awarded, available, because }) => {
    const change = given[id];
    const old = before.find(({ mark }) => mark === id);
    const isOld = old && change && old.given === change.given && old.reason === change.reason;
    return {
      responseId,
      mark: id,
      available,
      proposed: awarded,
      because,
      given: change?.given ?? null,
      reason: change?.reason.trim() ?? null,
      changedBy: change ? COORDINATOR : null,
      changedAt: change ? (isOld ? old.changedAt : now) : null
    };
  });
  db.insert(marks).values(rows).run();
}

function countMarked(db: Writer, scriptId: number): void {
  const { n } = db
    .select({ n: count() })
    .from(responses)
    .where(and(eq(responses.scriptId, scriptId), eq(responses.isMarked, true)))
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
