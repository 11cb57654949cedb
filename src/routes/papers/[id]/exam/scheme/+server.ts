import { schemeSchema } from '@zealous-quill/core/marking';
import { db } from '$lib/server/database/connection';
import { addSchemeVersion, satPart } from '$lib/server/database/scheme-versions';
import { fail, post, reply } from '$lib/server/api/reply';
import { idOf } from '$lib/server/forms';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z.strictObject({
  part: z.string().max(40),
  scheme: schemeSchema,
  reason: z.string().trim().min(1).max(200)
});

/** Marks a part of a sat exam by another scheme from now on; what is marked keeps its marks. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(request, ({ part, scheme, reason }) => {
    const found = satPart(db(), idOf(params.id) ?? 0, part);
    if (!found) return fail(404, 'missing', 'This part was not sat.');
    addSchemeVersion(db(), found.id, { scheme, reason, withdrawn: found.withdrawn });
    return reply({ ok: true });
  })({ request: sent });
