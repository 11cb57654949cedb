import type { Reply } from '$lib/contract/replies';
import { fail, post, reply } from '$lib/server/http/reply';
import { db } from '$lib/server/database/base/connection';
import { hasScript, setAbsent } from '$lib/server/database/sittings/scripts';
import { idOf } from '$lib/server/http/form-fields';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z.strictObject({ scriptId: z.int().min(1), isAbsent: z.boolean() });

/** Says that a pupil was absent, or was there after all. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(request, ({ scriptId, isAbsent }) => {
    const isOurs = hasScript(db(), idOf(params.sitting) ?? 0, scriptId);
    if (!isOurs) return fail(404, 'missing', 'There is no such script in this sitting.');
    setAbsent(db(), scriptId, isAbsent);
    return reply<Reply<'done'>>({ ok: true });
  })({ request: sent });
