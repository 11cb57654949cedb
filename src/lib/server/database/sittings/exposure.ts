import { skillOf } from '@zealous-quill/core/skill';
import { and, eq, gte, inArray } from 'drizzle-orm';
import type { Reader } from '../base/db';
import { keptItem } from './read-snapshot';
import type { Unmet } from '../papers/plans';
import { classes, papers, parts, scripts, sittings, snapshots } from '../base/schema';
import { keptTexts } from './snapshots';

/** An item that a class has met, on which paper and day. */
export interface Encounter {
  readonly skill: string;
  readonly given: unknown;
  /** As the skill writes it without order. */
  readonly itemKey: string;
  readonly className: string;
  readonly title: string;
  /** `2026-03-14` */
  readonly satOn: string;
}

interface Within {
  readonly classIds?: readonly number[];
  /** The first day that counts. */
  readonly since?: string;
  /** The one skill that is asked after. */
  readonly skill?: string;
}

/** What classes have met on any paper and form they sat, the latest first; all classes unless some are named. */
export function encounters(db: Reader, { classIds, since, skill: only }: Within): Encounter[] {
  return (
    db
      .select({
        item: keptTexts.item,
        className: classes.name,
        title: papers.title,
        satOn: sittings.satOn
      })
      .from(snapshots)
      .innerJoin(parts, eq(parts.id, snapshots.partId))
      .innerJoin(scripts, eq(scripts.formId, snapshots.formId))
      .innerJoin(sittings, eq(sittings.id, scripts.sittingId))
      .innerJoin(classes, eq(classes.id, sittings.classId))
      .innerJoin(papers, eq(papers.id, sittings.paperId))
      .where(
        and(
          classIds && inArray(sittings.classId, [...classIds]),
          since === undefined ? undefined : gte(sittings.satOn, since),
          only === undefined ? undefined : eq(parts.skill, only)
        )
      )
      // Each once, however many scripts there are of its form.
      .groupBy(snapshots.id, sittings.id)
      .all()
      .flatMap(({ item, ...where }): Encounter[] => {
        const kept = keptItem(item);
        if (!kept) return [];
        const { skill, given } = kept;
        return [{ skill, given, itemKey: skillOf(skill).itemKey(given), ...where }];
      })
      .toSorted((one, other) => other.satOn.localeCompare(one.satOn))
  );
}

/** The items that a class has met, by skill, as the skill writes them without order. */
export function itemsMet(db: Reader, classId: number): Record<string, string[]> {
  const met: Record<string, string[]> = {};
  for (const { skill, itemKey } of encounters(db, { classIds: [classId] })) {
    (met[skill] ??= []).push(itemKey);
  }
  return met;
}

/** What the class of a plan has met in its weeks; nothing where it is for no class. */
export function metLately(db: Reader, unmet: Unmet | null, today = new Date()): Encounter[] {
  if (!unmet) return [];
  return encounters(db, { classIds: [unmet.classId], since: weeksBefore(unmet.weeks, today) });
}

/** Items that were met, in the form in which plans and forms avoid them. */
export const avoided = (met: readonly Encounter[]) =>
  met.map(({ skill, given }) => ({ skill, given }));

/** The items that must not be asked again of those whom a plan is for. */
export const toAvoid = (db: Reader, unmet: Unmet | null, today?: Date) =>
  avoided(metLately(db, unmet, today));

/** The day so many weeks before another. */
export function weeksBefore(weeks: number, today = new Date()): string {
  return new Date(today.getTime() - weeks * 7 * 24 * 3600 * 1000).toISOString().slice(0, 10);
}

/** By whom an item was met last; undefined if no class has met it. */
export function lastMet(
  met: readonly Encounter[],
  skill: string,
  given: unknown
): Encounter | undefined {
  const own = skillOf(skill).itemKey(given);
  return met.find((one) => one.skill === skill && one.itemKey === own);
}

/** The classes that sat the edition before a paper's. */
export function classesBefore(db: Reader, paperId: number): number[] {
  return db
    .select({ classId: sittings.classId })
    .from(sittings)
    .innerJoin(papers, eq(papers.previousId, sittings.paperId))
    .where(eq(papers.id, paperId))
    .groupBy(sittings.classId)
    .all()
    .map(({ classId }) => classId);
}
