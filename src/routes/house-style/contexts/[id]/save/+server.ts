import type { Reply } from '$lib/contract/replies';
import { contextShape } from '@zealous-quill/core/catalogue/all';
import { db } from '$lib/server/database/base/connection';
import { saveContext } from '$lib/server/database/papers/contexts';
import { idOf } from '$lib/server/http/form-fields';
import { fail, post, reply } from '$lib/server/http/reply';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z.strictObject({ version: z.int().min(1), context: contextShape });

/** Saves over the version that was read; says so if that is not the newest any more. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(request, ({ version, context }) => {
    const saved = saveContext(db(), { id: idOf(params.id) ?? 0, version, context });
    if (saved.ok) return reply<Reply<'saved'>>({ version: saved.version });
    if (saved.code === 'missing') return fail(404, 'missing', 'This context has been removed.');
    const { current } = saved;
    return fail(409, 'changed', 'This context was saved elsewhere since you opened it.', {
      version: current.version,
      context: current.context
    });
  })({ request: sent });
