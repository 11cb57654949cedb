import type { Reply } from '$lib/contract/replies';
import { db } from '$lib/server/database/base/connection';
import { attempts, LONGEST_COMMENT } from '@zealous-quill/core/marking';
import { saveResponse } from '$lib/server/database/marking/save-response';
import { hasScript } from '$lib/server/database/sittings/scripts';
import { idOf } from '$lib/server/http/form-fields';
import { fail, invalid, post, reply } from '$lib/server/http/reply';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z
  .strictObject({
    scriptId: z.int().min(1),
    partId: z.int().min(1),
    version: z.int().min(0),
    working: z.record(z.string().max(60), z.string().max(200)),
    attempt: z.enum(attempts).default('written'),
    comment: z.string().max(LONGEST_COMMENT).default(''),
    isMarked: z.boolean(),
    given: z.record(
      z.string().max(40),
      z.strictObject({ given: z.int().min(0).max(20), reason: z.string().min(1).max(200) })
    )
  })
  .refine(
    ({ attempt, working }) => attempt !== 'not-attempted' || Object.keys(working).length === 0,
    { path: ['attempt'], message: 'something is written' }
  );

/** Saves one response; what is answered with 200 is on the disk. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(request, ({ scriptId, partId, ...state }) => {
    const isOurs = hasScript(db(), idOf(params.sitting) ?? 0, scriptId);
    if (!isOurs) return fail(404, 'missing', 'There is no such script in this sitting.');
    const result = saveResponse(db(), scriptId, partId, state);
    if (result.ok) return reply<Reply<'saved'>>({ version: result.version });
    switch (result.code) {
      case 'missing':
        return fail(404, 'missing', 'There is no such item on this paper.');
      case 'unknown-step':
        return invalid([{ field: 'working', problem: 'a step that this item does not have' }]);
      case 'unknown-mark':
        return invalid([{ field: 'given', problem: 'a mark that the scheme does not have' }]);
      case 'changed':
        return fail(409, 'changed', 'This response was changed elsewhere.', {
          current: result.current
        });
    }
  })({ request: sent });
