import { db } from '$lib/server/database/connection';
import { saveTypedMarks } from '$lib/server/database/marks-only';
import { readResponseMarks } from '$lib/server/database/responses';
import { listScripts, readSitting } from '$lib/server/database/sittings';
import { readSat } from '$lib/server/database/snapshots';
import { fail, post, reply } from '$lib/server/api/reply';
import { idOf } from '$lib/server/forms';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z.strictObject({
  marks: z
    .array(
      z.strictObject({
        scriptId: z.int().min(1),
        partId: z.int().min(1),
        marks: z.int().min(0).max(1000).nullable(),
        version: z.int().min(0)
      })
    )
    .min(1)
    .max(2000)
});

/** Saves marks that were typed or pasted; of each it says how it stands then. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(request, ({ marks }) => {
    const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
    if (!sitting) return fail(404, 'missing', 'There is no such sitting.');
    const ours = new Set(listScripts(db(), sitting.id).map(({ id }) => id));
    const { parts } = readSat(db(), sitting.paperId);
    const schemes = new Map(parts.map(({ id, scheme }) => [id, scheme]));
    const codes = saveTypedMarks(db(), marks, ({ scriptId, partId }) =>
      ours.has(scriptId) ? schemes.get(partId) : undefined
    );
    const now = readResponseMarks(db(), sitting.id);
    return reply({
      marks: marks.map(({ scriptId, partId }, at) => ({
        ...{ scriptId, partId, code: codes[at] },
        now: now[`${scriptId}/${partId}`] ?? null
      }))
    });
  })({ request: sent });
