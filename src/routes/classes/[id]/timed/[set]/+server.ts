import { readClass } from '$lib/server/database/people/classes';
import { db } from '$lib/server/database/base/connection';
import { readTimedSet, saveTimedEntries } from '$lib/server/database/people/timed';
import { fail, post } from '$lib/server/http/reply';
import { cellsReply, cellsSchema } from '$lib/server/http/cells';
import { idOf } from '$lib/server/http/form-fields';
import { placeIn, timedCells } from '$lib/server/http/timed-cells';
import type { RequestHandler } from './$types';

/** Saves scores and times, a row a pupil; of each it says how it stands then. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(cellsSchema, ({ cells }) => {
    const group = readClass(db(), idOf(params.id) ?? 0);
    const set = group && readTimedSet(db(), group.id, idOf(params.set) ?? 0);
    if (!set) return fail(404, 'missing', 'There is no such timed practice.');
    const ours = new Set(group.pupils.map(({ id }) => id));
    const isOurs = cells.every(
      ({ row, column }) => ours.has(row) && placeIn(column).sheet < set.asked.sets
    );
    if (!isOurs) return fail(404, 'missing', 'There is no such pupil or sheet.');
    const codes = saveTimedEntries(
      db(),
      set,
      cells.map(({ row, column, value, version }) => ({
        ...{ pupilId: row, ...placeIn(column), value, version }
      }))
    );
    const now = timedCells(readTimedSet(db(), group.id, set.id)!.entries);
    return cellsReply(cells, codes, now);
  })({ request: sent });
