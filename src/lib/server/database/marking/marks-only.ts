import { availableMarks, type Scheme } from '@zealous-quill/core/schemes';
import { markItem, type MarkedItem } from '@zealous-quill/core/marking';
import type { PartSnapshot } from '@zealous-quill/core/exams';
import type { WorkedItem } from '@zealous-quill/core/skill';
import { and, eq, inArray } from 'drizzle-orm';
import { setImmediate } from 'node:timers/promises';
import { change, logWork, withinScript } from '../base/change';
import type { Db, Reader, Writer } from '../base/db';
import { keptSnapshot } from '../sittings/read-snapshot';
import { NOTHING, readResponses, type GivenMarks, type ResponseState } from './responses';
import {
  countMarked,
  decide,
  markingsOf,
  outcomeOf,
  workedOf,
  writeMarks,
  writeResponses
} from './save-response';
import { scripts, snapshots } from '../base/schema';
import { MARKS_ONLY } from './reasons';
import { schemesSince } from '../exams/scheme-versions';
import { keptTexts } from '../sittings/snapshots';

/** A mark for a whole part, as it is typed into a grid; null where it is taken back. */
export interface TypedMark {
  readonly scriptId: number;
  readonly partId: number;
  readonly marks: number | null;
  /** The version of the response that it was typed over. */
  readonly version: number;
}

/** What came of a typed mark. */
export type TypedCode = 'saved' | 'missing' | 'changed' | 'too-many';

/** Marks that are saved in one transaction: others are served between two of them. */
const AT_ONCE = 20;

/**
 * Saves marks for whole parts of the scripts of a sitting; of each what came of it. A mark is laid on the marks of the
 * scheme in their order; what was written stays. One is refused, like any response, if it was changed since it was read.
 */
export async function saveTypedMarks(
  db: Db,
  sittingId: number,
  typed: readonly TypedMark[]
): Promise<TypedCode[]> {
  const codes: TypedCode[] = [];
  const kept: Kept = new Map();
  for (let from = 0; from < typed.length; from += AT_ONCE) {
    if (from > 0) await setImmediate();
    codes.push(...saveSome(db, sittingId, typed.slice(from, from + AT_ONCE), kept));
  }
  return codes;
}

/** A part as it was sat on a form, and what marking makes of it where nothing is written. */
interface SatPart extends Pick<PartSnapshot, 'item' | 'scheme' | 'options'> {
  readonly worked: WorkedItem;
}

/** Parts by `formId/partId`: those of one form are the same for many scripts. */
type Kept = Map<string, SatPart | undefined>;

function saveSome(db: Db, sittingId: number, typed: readonly TypedMark[], kept: Kept): TypedCode[] {
  return change(db, (tx, log) => {
    const scriptIds = [...new Set(typed.map(({ scriptId }) => scriptId))];
    const partIds = [...new Set(typed.map(({ partId }) => partId))];
    const forms = formsOf(tx, sittingId, scriptIds);
    readParts(tx, [...new Set(forms.values())], partIds, kept);
    const since = schemesSince(tx, partIds);
    const states = readResponses(tx, { scripts: [...forms.keys()], parts: partIds });
    const taken = new Set<string>();
    const fresh: Fresh[] = [];
    const codes = typed.map((one): TypedCode => {
      const { scriptId, partId, marks } = one;
      const own = kept.get(`${forms.get(scriptId)}/${partId}`);
      if (!own) return 'missing';
      const part = { ...own, scheme: since.get(partId)?.scheme ?? own.scheme };
      if (marks !== null && marks > availableMarks(part.scheme)) return 'too-many';
      const key = `${scriptId}/${partId}`;
      const before = states[key] ?? NOTHING;
      if (before.version !== one.version || taken.has(key)) return 'changed';
      taken.add(key);
      fresh.push(freshOf(one, part, before));
      return 'saved';
    });
    write(tx, fresh);
    const changed = [...new Set(fresh.map(({ scriptId }) => scriptId))];
    countMarked(tx, changed);
    for (const id of changed) {
      logWork(tx, log, 'marks typed', ['script', id], () => withinScript(tx, id));
    }
    return codes;
  });
}

/** The forms that scripts of a sitting answer. */
function formsOf(db: Reader, sittingId: number, scriptIds: readonly number[]): Map<number, number> {
  const rows = db
    .select({ id: scripts.id, formId: scripts.formId })
    .from(scripts)
    .where(and(eq(scripts.sittingId, sittingId), inArray(scripts.id, [...scriptIds])))
    .all();
  return new Map(rows.map(({ id, formId }) => [id, formId]));
}

/** Reads the parts of some forms that are not kept yet; one that is damaged or not there is none. */
function readParts(
  db: Reader,
  formIds: readonly number[],
  partIds: readonly number[],
  kept: Kept
): void {
  const unknown = partIds.filter((part) => formIds.some((form) => !kept.has(`${form}/${part}`)));
  if (unknown.length === 0) return;
  const rows = db
    .select({ formId: snapshots.formId, partId: snapshots.partId, ...keptTexts })
    .from(snapshots)
    .where(and(inArray(snapshots.formId, [...formIds]), inArray(snapshots.partId, unknown)))
    .all();
  for (const { formId, partId, ...texts } of rows) {
    const key = `${formId}/${partId}`;
    if (kept.has(key)) continue;
    const sat = keptSnapshot(texts);
    kept.set(key, sat && { ...sat, worked: workedOf(sat) });
  }
}

/** A response with its new marks. */
interface Fresh {
  readonly scriptId: number;
  readonly partId: number;
  readonly state: ResponseState;
  readonly before: GivenMarks;
  readonly marked: MarkedItem;
  readonly outcome: ReturnType<typeof outcomeOf>;
}

function freshOf({ scriptId, partId, marks }: TypedMark, sat: SatPart, now: ResponseState): Fresh {
  const { worked, scheme } = sat;
  const given = marks === null ? {} : laidOut(scheme, marks);
  const state = { ...now, isMarked: marks !== null, given };
  const marked = markItem(worked, state.working, scheme);
  const outcome = outcomeOf(worked, marked, state, sat);
  return { scriptId, partId, state, before: now.given, marked, outcome };
}

function write(tx: Writer, fresh: readonly Fresh[]): void {
  if (fresh.length === 0) return;
  const markingIds = markingsOf(tx, [...new Set(fresh.map(({ scriptId }) => scriptId))]);
  const ids = writeResponses(
    tx,
    fresh.map(({ scriptId, ...one }) => ({ ...one, markingId: markingIds.get(scriptId)! }))
  );
  writeMarks(
    tx,
    fresh.map(({ marked }, at) => ({ responseId: ids[at]!, marked }))
  );
  decide(
    tx,
    fresh.map(({ before, state }, at) => ({ responseId: ids[at]!, before, now: state.given }))
  );
}

/** So many marks on the lines of a scheme, from the first on. */
function laidOut({ marks }: Scheme, total: number): GivenMarks {
  let left = total;
  return Object.fromEntries(
    marks.map(({ id, value }) => {
      const given = Math.min(left, value);
      left -= given;
      return [id, { given, reason: MARKS_ONLY }];
    })
  );
}
