import {
  carriesEvidence,
  markItem,
  unknownSteps,
  type MarkedItem,
  type Response,
  type Working
} from '@zealous-quill/core/marking';
import type { PartSnapshot } from '@zealous-quill/core/exams';
import type { FirstSlip, Outcome } from '@zealous-quill/core/results';
import type { Scheme } from '@zealous-quill/core/schemes';
import { patternKey, skillOf, WorkedItem } from '@zealous-quill/core/skill';
import { keepRecent } from '@zealous-quill/core/spaces';
import { ANSWER } from '@zealous-quill/core/working';
import { and, count, eq, inArray, sql } from 'drizzle-orm';
import { change, COORDINATOR, logWork, withinScript } from '../base/change';
import type { Db, Reader, Writer } from '../base/db';
import { keptSnapshot } from '../sittings/read-snapshot';
import { NOTHING, readResponses, type GivenMarks, type ResponseState } from './responses';
import { ROUND } from '../tables/marking';
import { decisions, entries, markings, marks, responses, scripts, snapshots } from '../base/schema';
import { schemesSince } from '../exams/scheme-versions';
import { keptTexts } from '../sittings/snapshots';

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
    const markingId = markingsOf(tx, [scriptId]).get(scriptId)!;
    const current =
      readResponses(tx, { scripts: [scriptId], parts: [partId] })[`${scriptId}/${partId}`] ??
      NOTHING;
    if (current.version !== state.version) return { ok: false, code: 'changed', current };
    const worked = workedOf(sat);
    if (unknownSteps(worked, state.working).length > 0) {
      return { ok: false, code: 'unknown-step' };
    }
    const now = withoutStale(sat.scheme, current.given, state.given);
    if (!givenFit(sat, now)) return { ok: false, code: 'unknown-mark' };
    const marked = markItem(worked, state.working, sat.scheme);
    const outcome = outcomeOf(worked, marked, { ...state, given: now }, sat);
    const [id] = writeResponses(tx, [{ markingId, partId, state, outcome }]);
    writeEntries(tx, id!, state.working);
    writeMarks(tx, [{ responseId: id!, marked }]);
    for (const { mark, given } of decide(tx, [{ responseId: id!, before: current.given, now }])) {
      const action =
        given === null ? `mark ${mark} as proposed again` : `mark ${mark} decided: ${given}`;
      log(action, ['script', scriptId], withinScript(tx, scriptId));
    }
    countMarked(tx, [scriptId]);
    logWork(tx, log, 'script marked', ['script', scriptId], () => withinScript(tx, scriptId));
    return { ok: true, version: state.version + 1 };
  });
}

type Sat = Pick<PartSnapshot, 'item' | 'scheme' | 'options'>;

/** A class answers the same items: their workings are laid out once. */
const MOST_KEPT = 300;
const keptWorking = keepRecent<WorkedItem>(MOST_KEPT);

export function workedOf({ item: { skill, given, school } }: Sat): WorkedItem {
  return keptWorking(
    JSON.stringify([skill, given, school]),
    () => new WorkedItem(skillOf(skill), given, school)
  );
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

/** The markings of some scripts that count; each begins with its first response. */
export function markingsOf(db: Writer, scriptIds: readonly number[]): Map<number, number> {
  const rows = scriptIds.map((scriptId) => ({ scriptId, round: ROUND, userId: COORDINATOR }));
  db.insert(markings).values(rows).onConflictDoNothing().run();
  const own = and(inArray(markings.scriptId, [...scriptIds]), eq(markings.round, ROUND));
  return new Map(
    db
      .select()
      .from(markings)
      .where(own)
      .all()
      .map(({ scriptId, id }) => [scriptId, id])
  );
}

function givenFit({ scheme }: Sat, given: GivenMarks): boolean {
  return (
    Object.keys(fittingMarks(scheme, given)).length === Object.keys(given).length &&
    Object.values(given).every(({ reason }) => reason.trim() !== '')
  );
}

/** The marks given by hand for which a scheme has a line that is worth as much. */
export const fittingMarks = ({ marks }: Scheme, given: GivenMarks): GivenMarks =>
  Object.fromEntries(
    Object.entries(given).filter(([id, mark]) =>
      marks.some((line) => line.id === id && mark.given <= line.value)
    )
  );

/**
 * The marks given now, without those that were given before under another scheme and fit no line of this one. Whoever
 * saves has not seen them: the desk shows the lines of the scheme that holds.
 */
function withoutStale(scheme: Scheme, before: GivenMarks, now: GivenMarks): GivenMarks {
  const fitting = fittingMarks(scheme, now);
  return Object.fromEntries(
    Object.entries(now).filter(([id, mark]) => id in fitting || before[id]?.given !== mark.given)
  );
}

/** What marking made of a response, with the marks that were given by hand. */
export function outcomeOf(
  item: WorkedItem,
  marked: MarkedItem,
  response: Response,
  { item: { steps }, options }: Pick<Sat, 'item' | 'options'>
): Outcome {
  const { given, working } = response;
  const firstSlip = firstSlipIn(marked, steps);
  const awarded = marked.marks.lines.reduce(
    (sum, line) => sum + (given[line.id]?.given ?? line.awarded),
    0
  );
  const isEvidence = carriesEvidence(marked, response);
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
    ...(missesForm(marked) && { missesForm: true }),
    ...(firstSlip && !chosen && { firstSlip }),
    flags: [...marked.flags]
  };
}

/** The first written step that is wrong, of those that the item lists. */
function firstSlipIn(
  { steps, firstSlip }: MarkedItem,
  listed: Sat['item']['steps']
): FirstSlip | undefined {
  const found = steps.find(({ id }) => id === firstSlip);
  const right = found?.own ?? found?.expected ?? null;
  const label = listed.find(({ id }) => id === firstSlip)?.label;
  if (!found || found.written === null || right === null || label === undefined) return undefined;
  return { label, written: found.written, right };
}

const missesForm = ({ answer, marks }: MarkedItem) =>
  answer.verdict === 'correct' && answer.form.length > 0 && marks.awarded === 0;

function writeEntries(db: Writer, responseId: number, working: Working): void {
  db.delete(entries).where(eq(entries.responseId, responseId)).run();
  const rows = Object.entries(working)
    .filter(([, written]) => written.trim() !== '')
    .map(([step, written]) => ({ responseId, step, written }));
  if (rows.length > 0) db.insert(entries).values(rows).run();
}

/** A response with what marking made of it. */
export interface WrittenResponse {
  readonly markingId: number;
  readonly partId: number;
  /** The version is the one that it is written over. */
  readonly state: Omit<ResponseState, 'working' | 'given'>;
  readonly outcome: Outcome;
}

/** Writes some responses over what stands there; gives their ids in the same order. */
export function writeResponses(db: Writer, written: readonly WrittenResponse[]): number[] {
  const updatedAt = new Date().toISOString();
  const rows = written.map(({ markingId, partId, state, outcome }) => ({
    ...{ markingId, partId, outcome, updatedAt },
    version: state.version + 1,
    isMarked: state.isMarked,
    attempt: state.attempt,
    comment: state.comment.trim()
  }));
  const now = (name: string) => sql.raw(`excluded."${name}"`);
  const kept = db
    .insert(responses)
    .values(rows)
    .onConflictDoUpdate({
      target: [responses.markingId, responses.partId],
      set: {
        ...{ version: now('version'), isMarked: now('isMarked'), attempt: now('attempt') },
        ...{ comment: now('comment'), outcome: now('outcome'), updatedAt: now('updatedAt') }
      }
    })
    .returning({ id: responses.id, markingId: responses.markingId, partId: responses.partId })
    .all();
  const ids = new Map(kept.map(({ id, markingId, partId }) => [`${markingId}/${partId}`, id]));
  return written.map(({ markingId, partId }) => ids.get(`${markingId}/${partId}`)!);
}

/** Writes the marks that are proposed for some responses in the place of those before. */
export function writeMarks(
  db: Writer,
  proposed: readonly { readonly responseId: number; readonly marked: MarkedItem }[]
): void {
  const ids = proposed.map(({ responseId }) => responseId);
  db.delete(marks).where(inArray(marks.responseId, ids)).run();
  const rows = proposed.flatMap(({ responseId, marked }) =>
    marked.marks.lines.map(({ id, awarded, available, because }) => ({
      ...{ responseId, mark: id, available, proposed: awarded, because }
    }))
  );
  if (rows.length > 0) db.insert(marks).values(rows).run();
}

/** The marks that were given to a response, and those that are given now. */
export interface Deciding {
  readonly responseId: number;
  readonly before: GivenMarks;
  readonly now: GivenMarks;
}

/** Adds what was decided anew: another mark or reason, or that a proposal stands again. Gives what it added. */
export function decide(db: Writer, deciding: readonly Deciding[]) {
  const rows = deciding.flatMap(({ responseId, before, now }) =>
    [...new Set([...Object.keys(before), ...Object.keys(now)])].flatMap((mark) => {
      const [old, own] = [before[mark], now[mark]];
      const given = own?.given ?? null;
      const reason = own?.reason.trim() ?? '';
      const isSame = given === (old?.given ?? null) && reason === (old?.reason ?? '');
      return isSame ? [] : [{ responseId, mark, given, reason, userId: COORDINATOR }];
    })
  );
  if (rows.length > 0) db.insert(decisions).values(rows).run();
  return rows;
}

/** Counts anew how many parts of some scripts are marked. */
export function countMarked(db: Writer, scriptIds: readonly number[]): void {
  const counted = db
    .select({ scriptId: markings.scriptId, n: count() })
    .from(responses)
    .innerJoin(markings, eq(markings.id, responses.markingId))
    .where(
      and(
        inArray(markings.scriptId, [...scriptIds]),
        eq(markings.round, ROUND),
        eq(responses.isMarked, true)
      )
    )
    .groupBy(markings.scriptId)
    .all();
  const marked = new Map(counted.map(({ scriptId, n }) => [scriptId, n]));
  for (const id of scriptIds) {
    db.update(scripts)
      .set({ markedItems: marked.get(id) ?? 0 })
      .where(eq(scripts.id, id))
      .run();
  }
}
