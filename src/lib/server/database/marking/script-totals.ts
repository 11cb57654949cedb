import { countedOutcome, type MarkedOutcome, type SatPart } from '@zealous-quill/core/results';
import type { Db } from '../base/db';
import { outcomesOf } from './outcomes';

/** By script of a sitting, the marks of some parts as they count in the results. */
export function scriptTotals(
  db: Db,
  sittingId: number,
  parts: readonly SatPart[]
): Record<number, number> {
  // By script all parts are on the desk, and none is elsewhere.
  if (parts.length === 0) return {};
  const outcomes = outcomesOf(db, [sittingId]);
  const totals: Record<number, number> = {};
  const scripts = new Set([...outcomes.keys()].map((key) => Number(key.split('/')[0])));
  for (const script of scripts) {
    const counted = parts.map((part) => {
      const outcome: MarkedOutcome | null = outcomes.get(`${script}/${part.id}`) ?? null;
      return countedOutcome(part, outcome, false)?.awarded ?? 0;
    });
    totals[script] = counted.reduce((sum, awarded) => sum + awarded, 0);
  }
  return totals;
}
