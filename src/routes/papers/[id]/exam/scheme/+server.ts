import type { Reply } from '$lib/contract/replies';
import { schemeSchema } from '@zealous-quill/core/schemes';
import { db } from '$lib/server/database/base/connection';
import { addSchemeVersion, satPart } from '$lib/server/database/exams/scheme-versions';
import { fail, post, reply } from '$lib/server/http/reply';
import { idOf } from '$lib/server/http/form-fields';
import { CHANGED_MEANWHILE } from '$lib/server/database/base/was';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z.strictObject({
  part: z.string().max(40),
  scheme: schemeSchema,
  reason: z.string().trim().min(1).max(200),
  /** What the page was read from. */
  was: z.string().max(40)
});

/** Marks a part of a sat exam by another scheme from now on; what is marked keeps its marks. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(request, ({ part, scheme, reason, was }) => {
    const paperId = idOf(params.id) ?? 0;
    const found = satPart(db(), paperId, part);
    if (!found) return fail(404, 'missing', 'This part was not sat.');
    const version = { scheme, reason, withdrawn: found.withdrawn };
    const isAdded = addSchemeVersion(db(), found.id, version, { paperId, schemes: was });
    return isAdded ? reply<Reply<'done'>>({ ok: true }) : fail(409, 'changed', CHANGED_MEANWHILE);
  })({ request: sent });
