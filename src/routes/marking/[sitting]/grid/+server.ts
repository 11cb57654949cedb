import { db } from '$lib/server/database/base/connection';
import { saveTypedMarks } from '$lib/server/database/marking/marks-only';
import { readMarkCells } from '$lib/server/database/marking/responses';
import { readSitting } from '$lib/server/database/sittings/sittings';
import { fail, post } from '$lib/server/http/reply';
import { cellsReply, cellsSchema } from '$lib/server/http/cells';
import { idOf } from '$lib/server/http/form-fields';
import type { RequestHandler } from './$types';

/** Saves marks that were typed or pasted, a row a script, a column a part; of each it says how it stands then. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(cellsSchema, async ({ cells }) => {
    const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
    if (!sitting) return fail(404, 'missing', 'There is no such sitting.');
    const marks = cells.map(({ row, column, value, version }) => ({
      ...{ scriptId: row, partId: column, marks: value, version }
    }));
    const codes = await saveTypedMarks(db(), sitting.id, marks);
    const now = readMarkCells(db(), sitting.id);
    return cellsReply(cells, codes, now);
  })({ request: sent });
