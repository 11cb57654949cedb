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
