import { and, inArray } from 'drizzle-orm';
import type { Db } from '../base/db';
import { simulatedWork } from '../base/schema';

/** What simulated pupils wrote, by `scriptId/partId`; never what was true of it. */
export function readSimulatedWork(
  db: Db,
  where: { scripts: readonly number[]; parts: readonly number[] }
): Record<string, Record<string, string>> {
  const rows = db
    .select({
      scriptId: simulatedWork.scriptId,
      partId: simulatedWork.partId,
      working: simulatedWork.working
    })
    .from(simulatedWork)
    .where(
      and(
        inArray(simulatedWork.scriptId, [...where.scripts]),
        inArray(simulatedWork.partId, [...where.parts])
      )
    )
    .all();
  return Object.fromEntries(
    rows.map(({ scriptId, partId, working }) => [`${scriptId}/${partId}`, working])
  );
}
