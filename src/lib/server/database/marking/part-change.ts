import {
  boundariesAsShares,
  countedMarks,
  countedOutcome,
  gradeOf,
  type Boundary,
  type MarkedOutcome,
  type Outcome
} from '@zealous-quill/core/results';
import { isMarked } from '@zealous-quill/core/papers';
import type { Db, Reader, Writer } from '../base/db';
import { change, withinSitting, type Log } from '../base/change';
import { wasOf } from '../base/was';
import { keepMarkedAgain, markedAgain } from './mark-again';
import { outcomesOf } from './outcomes';
import { readBoundaries, writeBoundaries } from '../sittings/boundaries';
import { listScripts, type ScriptSummary } from '../sittings/scripts';
import { sittingsOf, type SittingSummary } from '../sittings/sittings';
import { readSat, type SatItem } from '../sittings/snapshots';
import { addSchemeVersion, changesSince, type SchemeVersion } from '../exams/scheme-versions';

/** Another scheme for a part of a sat paper, or that it is withdrawn, or counts again. */
export interface PartChange extends Pick<SchemeVersion, 'scheme' | 'withdrawn'> {
  readonly partId: number;
}

/** What is done along with it. */
export interface Along {
  /** What is marked is marked again by the scheme; else it keeps its marks, as far as the part has so many. */
  readonly again: boolean;
  /** The boundaries are kept as shares of the total, else as marks. */
  readonly shares: boolean;
}

/** A script whose total or grade changes. */
interface Move {
  readonly scriptId: number;
  readonly name: string;
  readonly className: string;
  readonly total: { readonly before: number; readonly after: number };
  readonly grade: { readonly before: string; readonly after: string };
}

/** What a change of a part would do, for everything that can be done along with it. */
export interface Outlook {
  readonly available: { readonly before: number; readonly after: number };
  /** The boundaries of the sitting that is asked about, as they are and as shares; null where two would meet. */
  readonly boundaries: readonly Boundary[];
  readonly shared: readonly Boundary[] | null;
  readonly choices: readonly (Along & { readonly moves: readonly Move[] })[];
}

const CHOICES: readonly Along[] = [
  { again: true, shares: false },
  { again: true, shares: true },
  { again: false, shares: false },
  { again: false, shares: true }
];

/** Who would move by a change of a part, and by how much, in all classes that sat the paper. */
export function outlookOf(
  db: Reader,
  paperId: number,
  sittingId: number,
  next: PartChange
): Outlook {
  const before = markedParts(db, paperId);
  const after = before.map((part) => (part.id === next.partId ? { ...part, ...next } : part));
  const available = { before: availableOf(before), after: availableOf(after) };
  const again = new Map(
    markedAgain(db, next.partId, next.scheme).map(({ scriptId, outcome }) => [scriptId, outcome])
  );
  const sat = sittingsOf(db, paperId).map((sitting) => satBy(db, sitting));
  const movesWith = (along: Along) =>
    sat.flatMap((one) => {
      const outcomes = along.again ? replaced(one.outcomes, next.partId, again) : one.outcomes;
      const boundaries = along.shares
        ? (boundariesAsShares(one.boundaries, available.before, available.after) ?? one.boundaries)
        : one.boundaries;
      return movesOf(one, { parts: before, ...one }, { parts: after, outcomes, boundaries });
    });
  const boundaries = readBoundaries(db, sittingId);
  return {
    available,
    boundaries,
    shared: boundariesAsShares(boundaries, available.before, available.after) ?? null,
    choices: CHOICES.map((along) => ({ ...along, moves: movesWith(along) }))
  };
}

/**
 * Changes a part of a sat paper, with what is done along with it, all of it or nothing. False if the schemes of the paper are
 * not what they were when they were read.
 */
export function changePart(
  db: Db,
  paperId: number,
  next: PartChange & Along & { readonly reason: string; readonly was: string }
): boolean {
  return change(db, (tx, log) => {
    if (wasOf(changesSince(tx, paperId)) !== next.was) return false;
    const before = availableOf(markedParts(tx, paperId));
    addSchemeVersion(tx, log, paperId, next);
    if (next.again) keepMarkedAgain(tx, markedAgain(tx, next.partId, next.scheme));
    if (next.shares) keepShares(tx, log, paperId, [before, availableOf(markedParts(tx, paperId))]);
    return true;
  });
}

function keepShares(
  tx: Writer,
  log: Log,
  paperId: number,
  [before, after]: readonly [number, number]
): void {
  for (const { id } of sittingsOf(tx, paperId)) {
    const shared = boundariesAsShares(readBoundaries(tx, id), before, after);
    if (!shared || shared.length === 0) continue;
    writeBoundaries(tx, id, shared);
    log('grade boundaries kept as shares', ['sitting', id], withinSitting(tx, id));
  }
}

const markedParts = (db: Reader, paperId: number) =>
  readSat(db, paperId).parts.filter((part) => isMarked(part));

const availableOf = (parts: readonly SatItem[]) =>
  parts.reduce((sum, part) => sum + countedMarks(part), 0);

type Outcomes = ReadonlyMap<string, MarkedOutcome>;

/** What marks and grades are counted from. */
interface Counted {
  readonly parts: readonly SatItem[];
  /** By `scriptId/partId`. */
  readonly outcomes: Outcomes;
  readonly boundaries: readonly Boundary[];
}

interface SatBy extends Omit<Counted, 'parts'> {
  readonly className: string;
  readonly scripts: readonly ScriptSummary[];
}

function satBy(db: Reader, { id, className }: SittingSummary): SatBy {
  const scripts = listScripts(db, id).filter(({ isAbsent }) => !isAbsent);
  return { className, scripts, outcomes: outcomesOf(db, [id]), boundaries: readBoundaries(db, id) };
}

/** The outcomes with those of a part that was marked again. */
function replaced(all: Outcomes, partId: number, again: ReadonlyMap<number, Outcome>): Outcomes {
  return new Map(
    [...all].map(([key, outcome]) => {
      const [script, part] = key.split('/').map(Number);
      const anew = part === partId ? again.get(script!) : undefined;
      return [key, anew ? { ...outcome, ...anew } : outcome];
    })
  );
}

function movesOf({ className, scripts }: SatBy, before: Counted, after: Counted): Move[] {
  return scripts.flatMap(({ id: scriptId, name }) => {
    const [was, is] = [standOf(scriptId, before), standOf(scriptId, after)];
    if (was.total === is.total && was.grade === is.grade) return [];
    return [
      {
        ...{ scriptId, name, className },
        total: { before: was.total, after: is.total },
        grade: { before: was.grade, after: is.grade }
      }
    ];
  });
}

/** The total of a script and its grade, which it has once all of it is marked. */
function standOf(scriptId: number, { parts, outcomes, boundaries }: Counted) {
  const counted = parts.map((part) =>
    countedOutcome(part, outcomes.get(`${scriptId}/${part.id}`) ?? null, false)
  );
  const total = counted.reduce((sum, outcome) => sum + (outcome?.awarded ?? 0), 0);
  const isComplete = counted.every((outcome) => outcome !== null);
  return { total, grade: isComplete ? gradeOf(boundaries, total) : '' };
}
