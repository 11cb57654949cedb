import { and, eq, inArray } from 'drizzle-orm';
import type { Writer } from '../base/db';
import { bin, binBytes, type Binned, type Row } from '../base/schema';

/** Takes one pupil out of everything in the bin: what came of the pupil alone goes, the rest stays without the name. */
export function eraseFromBin(tx: Writer, pupilId: number, scriptIds: readonly number[]): void {
  for (const { id, kind, rows } of tx.select().from(bin).all()) {
    const binned = rowsOf(rows, 'scripts').filter((row) => row['pupilId'] === pupilId);
    const ids = new Set([...scriptIds, ...binned.map((row) => row['id'] as number)]);
    const isOwn = kind === 'pupil' && rowsOf(rows, 'pupils').some((row) => row['id'] === pupilId);
    const pages = rowsOf(rows, 'script_pages').filter((row) => ids.has(row['scriptId'] as number));
    if (isOwn || (kind === 'page' && pages.length > 0)) {
      tx.delete(bin).where(eq(bin.id, id)).run();
      continue;
    }
    const without = withoutPupil(rows, pupilId, ids);
    tx.update(bin).set({ rows: without }).where(eq(bin.id, id)).run();
    const pageIds = pages.map((row) => row['id'] as number);
    tx.delete(binBytes)
      .where(and(eq(binBytes.binId, id), inArray(binBytes.rowId, pageIds)))
      .run();
  }
}

const rowsOf = ({ tables }: Binned, table: string): readonly Row[] => tables[table] ?? [];

function withoutPupil(rows: Binned, pupilId: number, scriptIds: ReadonlySet<number>): Binned {
  const idsOf = (table: string, parent: string, parents: ReadonlySet<number>) =>
    new Set(
      rowsOf(rows, table).flatMap((row) =>
        parents.has(row[parent] as number) ? [row['id'] as number] : []
      )
    );
  const responses = idsOf('responses', 'markingId', idsOf('markings', 'scriptId', scriptIds));
  const changes: Readonly<Record<string, (row: Row) => Row[]>> = {
    pupils: (row) => (row['id'] === pupilId ? [] : [row]),
    papers: (row) => [row['pupilId'] === pupilId ? { ...row, pupilId: null } : row],
    scripts: (row) => [row['pupilId'] === pupilId ? { ...row, pupilId: null } : row],
    timed_entries: (row) => (row['pupilId'] === pupilId ? [] : [row]),
    script_pages: (row) => (scriptIds.has(row['scriptId'] as number) ? [] : [row]),
    responses: (row) => [responses.has(row['id'] as number) ? { ...row, comment: '' } : row],
    decisions: (row) => [
      responses.has(row['responseId'] as number) ? { ...row, reason: 'removed' } : row
    ]
  };
  const tables = Object.entries(rows.tables).map(
    ([table, own]) => [table, own.flatMap(changes[table] ?? ((row) => [row]))] as const
  );
  return { ...rows, tables: Object.fromEntries(tables) };
}
