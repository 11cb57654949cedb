import type { Withdrawal } from '@zealous-quill/core/results';
import { schemeSchema, type Scheme } from '@zealous-quill/core/schemes';
import { asc, eq, inArray } from 'drizzle-orm';
import { COORDINATOR, type Log } from '../base/change';
import type { Reader, Writer } from '../base/db';
import { partIds } from '../papers/paper-parts';
import { schemeVersions, snapshots, users } from '../base/schema';

/** What changed of the marking of a part since it was sat. */
export interface SchemeVersion {
  readonly scheme: Scheme;
  readonly withdrawn: Withdrawal;
  readonly reason: string;
  readonly by: string;
  readonly at: string;
}

/** The newest version of the scheme of each part that has one since it was sat. */
export function schemesSince(db: Reader, partIds: readonly number[]): Map<number, SchemeVersion> {
  const rows = db
    .select({ version: schemeVersions, by: users.name })
    .from(schemeVersions)
    .innerJoin(users, eq(users.id, schemeVersions.userId))
    .where(inArray(schemeVersions.partId, [...partIds]))
    .orderBy(asc(schemeVersions.id))
    .all();
  return new Map(
    rows.flatMap(({ version: { partId, withdrawn, reason, at, ...kept }, by }) => {
      const scheme = schemeSchema.safeParse(kept.scheme);
      return scheme.success
        ? [[partId, { scheme: scheme.data, withdrawn, reason, by, at }] as const]
        : [];
    })
  );
}

/** The changes since a paper was sat, by the ids of the parts on it. */
export function changesSince(db: Reader, paperId: number): Record<string, SchemeVersion> {
  const ids = partIds(db, paperId);
  const since = schemesSince(db, [...ids.values()]);
  return Object.fromEntries(
    [...ids].flatMap(([key, id]) => {
      const version = since.get(id);
      return version ? [[key, version] as const] : [];
    })
  );
}

/** A part of a sat paper by its id on it, and whether it is withdrawn; undefined if it was not sat. */
export function satPart(
  db: Reader,
  paperId: number,
  key: string
): { readonly id: number; readonly withdrawn: Withdrawal } | undefined {
  const id = partIds(db, paperId).get(key);
  if (id === undefined) return undefined;
  const kept = db
    .select({ id: snapshots.id })
    .from(snapshots)
    .where(eq(snapshots.partId, id))
    .get();
  return kept && { id, withdrawn: schemesSince(db, [id]).get(id)?.withdrawn ?? 'no' };
}

/** The parts of a sat paper that are withdrawn, with why and by whom. */
export function withdrawnParts(
  db: Reader,
  paperId: number
): { partId: number; withdrawn: Withdrawal; reason: string; by: string; at: string }[] {
  return [...schemesSince(db, [...partIds(db, paperId).values()])]
    .filter(([, { withdrawn }]) => withdrawn !== 'no')
    .map(([partId, { scheme: _, ...version }]) => ({ partId, ...version }));
}

/** Keeps another scheme for a sat part, or that it is withdrawn, beside what it was sat with. */
export function addSchemeVersion(
  tx: Writer,
  log: Log,
  paperId: number,
  version: Pick<SchemeVersion, 'scheme' | 'withdrawn' | 'reason'> & { readonly partId: number }
): void {
  const { partId, scheme, withdrawn, reason } = version;
  tx.insert(schemeVersions)
    .values({ partId, scheme, withdrawn, reason, userId: COORDINATOR })
    .run();
  log(withdrawn === 'no' ? 'scheme changed after sitting' : 'part withdrawn', ['paper', paperId]);
}
