import { db } from '$lib/server/database/base/connection';
import { readContext } from '$lib/server/database/papers/contexts';
import { whyNotUsed } from '$lib/server/contexts/use-context';
import { idOf } from '$lib/server/http/form-fields';
import { error, fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
  const saved = readContext(db(), idOf(params.id) ?? 0);
  if (!saved) error(404, 'There is no such context.');
  return { saved };
};

export const actions: Actions = {
  /** Problems are told in it from now on, as it stands. */
  tell: async ({ params }) => {
    const problem = await whyNotUsed(idOf(params.id) ?? 0);
    return problem === undefined ? undefined : fail(422, { problem });
  }
};
