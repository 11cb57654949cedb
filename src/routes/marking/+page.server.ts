import { db } from '$lib/server/database/base/connection';
import {
  findSittings,
  readSitting,
  removeSitting,
  sittingChoices
} from '$lib/server/database/sittings/sittings';
import { idOf } from '$lib/server/http/form-fields';
import { waitingScripts } from '$lib/server/database/sittings/waiting';
import { today } from '$lib/server/http/today';
import { readListQuery } from '$lib/server/database/base/list-query';
import { fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => {
  const sittings = findSittings(db(), readListQuery(url));
  return {
    sittings,
    waiting: waitingScripts(db(), sittings.rows),
    choices: sittingChoices(db(), readListQuery(url).isArchived),
    today: today()
  };
};

export const actions: Actions = {
  /** `marks` says that marks may go as well; without it, a sitting is taken back while nothing is marked. */
  remove: async ({ request }) => {
    const form = await request.formData();
    const id = idOf(form.get('sitting')) ?? 0;
    const sitting = readSitting(db(), id);
    if (!sitting) return fail(404, { at: id, problem: 'This sitting is not there any more.' });
    if (sitting.marked > 0 && form.get('marks') !== 'go') {
      return fail(409, { at: id, problem: 'Some of it has been marked since; look again.' });
    }
    return { removed: removeSitting(db(), id) };
  }
};
