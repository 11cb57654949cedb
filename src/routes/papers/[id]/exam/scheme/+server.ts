import type { Reply } from '$lib/contract/replies';
import { schemeSchema } from '@zealous-quill/core/schemes';
import { db } from '$lib/server/database/base/connection';
import { changePart, outlookOf } from '$lib/server/database/marking/part-change';
import { satPart } from '$lib/server/database/exams/scheme-versions';
import { sittingsOf } from '$lib/server/database/sittings/sittings';
import { fail, post, reply } from '$lib/server/http/reply';
import { idOf } from '$lib/server/http/form-fields';
import { CHANGED_MEANWHILE } from '$lib/server/database/base/was';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const asked = z.strictObject({ part: z.string().max(40), scheme: schemeSchema });

const request = z.union([
  /** What it would do. */
  asked.extend({ isTried: z.literal(true) }),
  asked.extend({
    reason: z.string().trim().min(1).max(200),
    again: z.boolean(),
    shares: z.boolean(),
    /** What the page was read from. */
    was: z.string().max(40)
  })
]);

/** Another scheme for a part of a sat exam: what it would do, or that it holds from now on. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(request, ({ part, scheme, ...how }) => {
    const paperId = idOf(params.id) ?? 0;
    const found = satPart(db(), paperId, part);
    if (!found) return fail(404, 'missing', 'This part was not sat.');
    const next = { partId: found.id, scheme, withdrawn: found.withdrawn };
    if ('isTried' in how) {
      const [sitting] = sittingsOf(db(), paperId);
      return reply<Reply<'outlook'>>(outlookOf(db(), paperId, sitting?.id ?? 0, next));
    }
    return changePart(db(), paperId, { ...next, ...how })
      ? reply<Reply<'done'>>({ ok: true })
      : fail(409, 'changed', CHANGED_MEANWHILE);
  })({ request: sent });
