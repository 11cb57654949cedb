import { markItem, type MarkedItem } from '@zealous-quill/core/marking';
import type { Scheme } from '@zealous-quill/core/schemes';
import { and, eq } from 'drizzle-orm';
import type { Outcome } from '@zealous-quill/core/results';
import type { Reader, Writer } from '../base/db';
import { markings, responses, scripts, snapshots } from '../base/schema';
import { keptSnapshot } from '../sittings/read-snapshot';
import { keptTexts } from '../sittings/snapshots';
import { ROUND } from '../tables/marking';
import { MARKS_ONLY } from './reasons';
import { readResponses, type GivenMarks, type ResponseState } from './responses';
import {
  decide,
  fittingMarks,
  outcomeOf,
  workedOf,
  writeMarks,
  writeResponses
} from './save-response';

/** A marked response, and what another scheme makes of it. */
export interface MarkedAgain {
  readonly scriptId: number;
  readonly markingId: number;
  readonly partId: number;
  readonly state: ResponseState;
  /** The marks given by hand for which the scheme still has a line. */
  readonly given: GivenMarks;
  readonly marked: MarkedItem;
  readonly outcome: Outcome;
}

/**
 * All marked responses to a part of a sat paper, marked by another scheme. Marks typed without working are not among
 * them: there is nothing to mark again.
 */
export function markedAgain(db: Reader, partId: number, scheme: Scheme): MarkedAgain[] {
  const rows = db
    .select({ markingId: markings.id, scriptId: scripts.id, ...keptTexts })
    .from(responses)
    .innerJoin(markings, and(eq(markings.id, responses.markingId), eq(markings.round, ROUND)))
    .innerJoin(scripts, eq(scripts.id, markings.scriptId))
    .innerJoin(snapshots, and(eq(snapshots.formId, scripts.formId), eq(snapshots.partId, partId)))
    .where(and(eq(responses.partId, partId), eq(responses.isMarked, true)))
    .all();
  const states = readResponses(db, {
    scripts: rows.map(({ scriptId }) => scriptId),
    parts: [partId]
  });
  return rows.flatMap(({ markingId, scriptId, ...texts }) => {
    const state = states[`${scriptId}/${partId}`]!;
    const sat = keptSnapshot(texts);
    if (!sat || isTypedAlone(state)) return [];
    const worked = workedOf(sat);
    const given = fittingMarks(scheme, state.given);
    const marked = markItem(worked, state.working, scheme);
    const outcome = outcomeOf(worked, marked, { ...state, given }, sat);
    return [{ scriptId, markingId, partId, state, given, marked, outcome }];
  });
}

const isTypedAlone = ({ given, working }: ResponseState) =>
  Object.keys(working).length === 0 &&
  Object.values(given).some(({ reason }) => reason === MARKS_ONLY);

/** Keeps what another scheme made of responses; a mark given by hand for which there is no line is taken back. */
export function keepMarkedAgain(tx: Writer, all: readonly MarkedAgain[]): void {
  if (all.length === 0) return;
  const ids = writeResponses(tx, all);
  const withIds = all.map((one, at) => ({ ...one, responseId: ids[at]! }));
  writeMarks(tx, withIds);
  decide(
    tx,
    withIds.map(({ responseId, state, given }) => ({ responseId, before: state.given, now: given }))
  );
}
