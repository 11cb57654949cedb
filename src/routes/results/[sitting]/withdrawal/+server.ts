import type { Reply } from '$lib/contract/replies';
import { withdrawals } from '@zealous-quill/core/results';
import { db } from '$lib/server/database/base/connection';
import { changePart, outlookOf } from '$lib/server/database/marking/part-change';
import { readSitting } from '$lib/server/database/sittings/sittings';
import { readSat } from '$lib/server/database/sittings/snapshots';
import { fail, post, reply } from '$lib/server/http/reply';
import { idOf } from '$lib/server/http/form-fields';
import { CHANGED_MEANWHILE } from '$lib/server/database/base/was';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const asked = z.strictObject({ part: z.int(), withdrawn: z.enum(withdrawals) });

const request = z.union([
  /** What it would do. */
  asked.extend({ isTried: z.literal(true) }),
  asked.extend({
    reason: z.string().trim().min(1).max(200),
    shares: z.boolean(),
    /** What the page was read from. */
    was: z.string().max(40)
  })
]);

/** Withdraws a part of a sat paper, or lets it count again: what that would do, or that it is done. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(request, ({ part, withdrawn, ...how }) => {
    const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
    const found = sitting && readSat(db(), sitting.paperId).parts.find(({ id }) => id === part);
    if (!found) return fail(404, 'missing', 'This part was not sat.');
    const { paperId } = sitting;
    const next = { partId: part, scheme: found.scheme, withdrawn };
    if ('isTried' in how) {
      return reply<Reply<'outlook'>>(outlookOf(db(), paperId, sitting.id, next));
    }
    return changePart(db(), paperId, { ...next, ...how, again: false })
      ? reply<Reply<'done'>>({ ok: true })
      : fail(409, 'changed', CHANGED_MEANWHILE);
  })({ request: sent });
