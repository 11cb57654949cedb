import { skillOf, splitPatternKey, titleIn } from '@zealous-quill/core/skill';
import { countedOutcome, type MarkedOutcome, type SatPart } from '@zealous-quill/core/results';
import { isMarked } from '@zealous-quill/core/papers';
import { and, eq, inArray, notInArray, sql } from 'drizzle-orm';
import type { Db, Reader } from '../base/db';
import { markings, responses, schemeVersions, scripts } from '../base/schema';
import { partIds } from '../papers/paper-parts';
import { styleOf } from '../papers/papers';
import type { SittingSummary } from '../sittings/sittings';
import { readSat } from '../sittings/snapshots';
import { ROUND } from '../tables/marking';

/** What a list of results says of a sitting. */
export interface SittingResult {
  /** Of each script that is marked as a whole, the share of the marks it earned, from 0 to 1. */
  readonly shares: readonly number[];
  /** Scripts of which something is still to be marked. */
  readonly unfinished: number;
  /** The error pattern that was seen on most scripts, with how many; null if none was. */
  readonly pattern: { readonly title: string; readonly scripts: number } | null;
}

interface ScriptSum {
  readonly scriptId: number;
  readonly sittingId: number;
  readonly awarded: number;
  readonly available: number;
  readonly parts: number;
}

/** What came of some sittings, by their ids, with the same totals as their own pages. */
export function sittingResults(
  db: Db,
  sittings: readonly SittingSummary[]
): Record<number, SittingResult> {
  const ids = sittings.map(({ id }) => id);
  const changed = changedParts(db, sittings);
  const sums = scriptSums(db, ids, [...changed.keys()]);
  const patterns = commonPatterns(db, ids);
  return Object.fromEntries(
    sittings.map((sitting) => {
      const perScript = sitting.scripts === 0 ? 0 : sitting.toMark / sitting.scripts;
      const own = sums.filter(({ sittingId }) => sittingId === sitting.id);
      const whole = own.filter(({ parts }) => parts >= perScript);
      const counted = whole.map((script) => withChanged(db, script, changed));
      const pattern = patterns.find(({ sittingId }) => sittingId === sitting.id);
      return [
        sitting.id,
        {
          shares: counted.map(({ awarded, available }) =>
            available === 0 ? 0 : awarded / available
          ),
          unfinished: sitting.scripts - whole.length,
          pattern: pattern
            ? { title: titleOf(db, sitting, pattern.key), scripts: pattern.scripts }
            : null
        }
      ];
    })
  );
}

/** The parts of which the scheme was changed or that were withdrawn since they were sat: their marks are counted anew. */
function changedParts(db: Db, sittings: readonly SittingSummary[]): Map<number, SatPart> {
  const versions = db.selectDistinct({ id: schemeVersions.partId }).from(schemeVersions).all();
  if (versions.length === 0) return new Map();
  const known = new Set(versions.map(({ id }) => id));
  // Snapshots are read of those papers alone of which something was changed.
  const papers = [...new Set(sittings.map(({ paperId }) => paperId))].filter((paperId) =>
    [...partIds(db, paperId).values()].some((id) => known.has(id))
  );
  return new Map(
    papers.flatMap((paperId) =>
      readSat(db, paperId)
        .parts.filter((part) => known.has(part.id) && isMarked(part))
        .map((part) => [part.id, part] as const)
    )
  );
}

/** The marks of each script that was there, for all parts but some; how many parts of it are marked, of all. */
function scriptSums(db: Reader, ids: readonly number[], without: readonly number[]): ScriptSum[] {
  const counts = notInArray(responses.partId, [...without]);
  const sumOf = (field: string) =>
    sql<number>`coalesce(sum(case when ${counts} then ${responses.outcome} ->> ${field} else 0 end), 0)`;
  return db
    .select({
      scriptId: scripts.id,
      sittingId: scripts.sittingId,
      awarded: sumOf('awarded'),
      available: sumOf('available'),
      parts: sql<number>`count(*)`
    })
    .from(responses)
    .innerJoin(markings, and(eq(markings.id, responses.markingId), eq(markings.round, ROUND)))
    .innerJoin(scripts, eq(scripts.id, markings.scriptId))
    .where(
      and(
        inArray(scripts.sittingId, [...ids]),
        eq(scripts.isAbsent, false),
        eq(responses.isMarked, true)
      )
    )
    .groupBy(scripts.id)
    .all();
}

/** A sum with the parts of its paper that were changed, as they count now. */
function withChanged(db: Reader, script: ScriptSum, changed: ReadonlyMap<number, SatPart>) {
  if (changed.size === 0) return script;
  const rows = db
    .select({ partId: responses.partId, outcome: responses.outcome })
    .from(responses)
    .innerJoin(markings, and(eq(markings.id, responses.markingId), eq(markings.round, ROUND)))
    .where(
      and(eq(markings.scriptId, script.scriptId), inArray(responses.partId, [...changed.keys()]))
    )
    .all();
  const counted = rows.map(({ partId, outcome }) =>
    countedOutcome(changed.get(partId)!, outcome as MarkedOutcome | null, false)
  );
  const sum = (of: 'awarded' | 'available') =>
    counted.reduce((total, one) => total + (one?.[of] ?? 0), script[of]);
  return { ...script, awarded: sum('awarded'), available: sum('available') };
}

/** Of each sitting the patterns that were seen, those on most scripts first. */
function commonPatterns(db: Reader, ids: readonly number[]) {
  const shown = sql`json_each(${responses.outcome}, '$.didShow')`;
  return db
    .select({
      sittingId: scripts.sittingId,
      key: sql<string>`json_each.value`,
      scripts: sql<number>`count(distinct ${scripts.id})`
    })
    .from(responses)
    .innerJoin(markings, and(eq(markings.id, responses.markingId), eq(markings.round, ROUND)))
    .innerJoin(scripts, eq(scripts.id, markings.scriptId))
    .innerJoin(shown, sql`true`)
    .where(
      and(
        inArray(scripts.sittingId, [...ids]),
        eq(scripts.isAbsent, false),
        eq(responses.isMarked, true)
      )
    )
    .groupBy(scripts.sittingId, sql`json_each.value`)
    .orderBy(sql`count(distinct ${scripts.id}) desc`, sql`json_each.value`)
    .all();
}

function titleOf(db: Reader, { paperId }: SittingSummary, key: string): string {
  const { skill, pattern } = splitPatternKey(key);
  const own = skillOf(skill).patterns.find(({ id }) => id === pattern);
  return own ? titleIn(own.title, styleOf(db, paperId)) : pattern;
}
