import { error } from '@sveltejs/kit';
import { db } from '$lib/server/database/base/connection';
import { readContext } from '$lib/server/database/papers/contexts';
import { idOf } from '$lib/server/http/form-fields';
import type { RequestHandler } from './$types';

/** A context as a file that another department can bring in. */
export const GET: RequestHandler = ({ params }) => {
  const saved = readContext(db(), idOf(params.id) ?? 0);
  if (!saved) error(404, 'There is no such context.');
  const { context } = saved;
  return new Response(`${JSON.stringify(context, null, 2)}\n`, {
    headers: {
      'content-type': 'application/json',
      'content-disposition': `attachment; filename="context-${context.id}.json"`
    }
  });
};
