import type { Reply } from '$lib/contract/replies';
import { partKinds } from '@zealous-quill/core/exams';
import { schemeSchema } from '@zealous-quill/core/schemes';
import { findCard } from '@zealous-quill/core/catalogue';
import { db } from '$lib/server/database/base/connection';
import { setDefaultScheme } from '$lib/server/database/papers/default-schemes';
import { CHANGED_MEANWHILE } from '$lib/server/database/base/was';
import { fail, post, reply } from '$lib/server/http/reply';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z.strictObject({
  skill: z.string().refine((id) => findCard(id) !== undefined, 'there is no such skill'),
  kind: z.enum(partKinds),
  scheme: z.nullable(schemeSchema),
  was: z.string().max(40)
});

/** How the department marks a skill in one presentation from now on; with no scheme, as is usual. */
export const POST: RequestHandler = ({ request: sent }) =>
  post(request, ({ scheme, was, ...of }) => {
    const set = setDefaultScheme(db(), of, scheme, was);
    return set.ok
      ? reply<Reply<'schemeSet'>>({ was: set.was })
      : fail(409, 'changed', CHANGED_MEANWHILE, { was: set.was });
  })({ request: sent });
