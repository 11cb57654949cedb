import type { Reply } from '$lib/contract/replies';
import { fail, post, reply } from '$lib/server/http/reply';
import { db } from '$lib/server/database/base/connection';
import { nameScript } from '$lib/server/database/sittings/spares';
import { idOf } from '$lib/server/http/form-fields';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z.strictObject({
  scriptId: z.int().min(1),
  pupilId: z.int().min(1).nullable()
});

const messages = {
  missing: 'This script, or this pupil, is not there any more.',
  'has-marks': 'Something is marked already of the form that this pupil would leave.'
} as const;

/** Gives a spare to the pupil who wrote it, or takes the name away again. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(request, (asked) => {
    const named = nameScript(db(), idOf(params.sitting) ?? 0, asked);
    return named.ok
      ? reply<Reply<'done'>>({ ok: true })
      : fail(422, named.code, messages[named.code]);
  })({ request: sent });
