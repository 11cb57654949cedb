import { partKinds } from '@zealous-quill/core/exams';
import { schemeSchema } from '@zealous-quill/core/marking';
import { findCard } from '@zealous-quill/core/skills';
import { db } from '$lib/server/database/connection';
import { setDefaultScheme } from '$lib/server/database/default-schemes';
import { post, reply } from '$lib/server/api/reply';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z.strictObject({
  skill: z.string().refine((id) => findCard(id) !== undefined, 'there is no such skill'),
  kind: z.enum(partKinds),
  scheme: z.nullable(schemeSchema)
});

/** How the department marks a skill in one presentation from now on; with no scheme, as is usual. */
export const POST: RequestHandler = ({ request: sent }) =>
  post(request, ({ scheme, ...of }) => {
    setDefaultScheme(db(), of, scheme);
    return reply({ ok: true });
  })({ request: sent });
