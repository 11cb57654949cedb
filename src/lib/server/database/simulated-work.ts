import { and, inArray } from 'drizzle-orm';
import type { Db } from './connection';
import { simulatedWork } from './schema';

/** What simulated pupils wrote, by `scriptId/itemId`; never what was true of it. */
export function readSimulatedWork(
  db: Db,
  where: { scripts: readonly number[]; items: readonly number[] }
): Record<string, Record<string, string>> {
  const rows = db
    .select({
      scriptId: simulatedWork.scriptId,
      itemId: simulatedWork.itemId,
      working: simulatedWork.working
    })
    .from(simulatedWork)
    .where(
      and(
        inArray(simulatedWork.scriptId, [...where.scripts]),
        inArray(simulatedWork.itemId, [...where.items])
      )
    )
    .all();
  return Object.fromEntries(
    rows.map(({ scriptId, itemId, working }) => [`${scriptId}/${itemId}`, working])
  );
}
