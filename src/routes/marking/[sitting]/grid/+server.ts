import { db } from '$lib/server/database/connection';
import { saveTypedMarks } from '$lib/server/database/marks-only';
import { readMarkCells } from '$lib/server/database/responses';
import { listScripts, readSitting } from '$lib/server/database/sittings';
import { readSat } from '$lib/server/database/snapshots';
import { fail, post, reply } from '$lib/server/api/reply';
import { cellsSchema } from '$lib/server/cells';
import { idOf } from '$lib/server/forms';
import type { RequestHandler } from './$types';

/** Saves marks that were typed or pasted, a row a script, a column a part; of each it says how it stands then. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(cellsSchema, ({ cells }) => {
    const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
    if (!sitting) return fail(404, 'missing', 'There is no such sitting.');
    const ours = new Set(listScripts(db(), sitting.id).map(({ id }) => id));
    const { parts } = readSat(db(), sitting.paperId);
    const schemes = new Map(parts.map(({ id, scheme }) => [id, scheme]));
    const marks = cells.map(({ row, column, value, version }) => ({
      ...{ scriptId: row, partId: column, marks: value, version }
    }));
    const codes = saveTypedMarks(db(), marks, ({ scriptId, partId }) =>
      ours.has(scriptId) ? schemes.get(partId) : undefined
    );
    const now = readMarkCells(db(), sitting.id);
    return reply({
      cells: cells.map(({ row, column }, at) => ({
        ...{ row, column, code: codes[at], now: now[`${row}/${column}`] ?? null }
      }))
    });
  })({ request: sent });
