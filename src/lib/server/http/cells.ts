import type { Reply } from '$lib/contract/replies';
import { reply } from './reply';
import { z } from 'zod';

/** Numbers that were typed or pasted into a grid, with the versions they were typed over. */
export const cellsSchema = z.strictObject({
  cells: z
    .array(
      z.strictObject({
        row: z.int().min(1),
        column: z.int().min(0),
        value: z.int().min(0).max(10_000).nullable(),
        version: z.int().min(0)
      })
    )
    .min(1)
    .max(2000)
});

type CellReply = Reply<'cells'>['cells'][number];

/** What became of each of the cells that were sent, with what stands there now, by `row/column`. */
export function cellsReply(
  cells: z.infer<typeof cellsSchema>['cells'],
  codes: readonly string[],
  now: Readonly<Record<string, CellReply['now']>>
): Response {
  return reply<Reply<'cells'>>({
    cells: cells.map(({ row, column }, at) => ({
      ...{ row, column, code: codes[at]!, now: now[`${row}/${column}`] ?? null }
    }))
  });
}
