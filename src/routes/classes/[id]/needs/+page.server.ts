import { db } from '$lib/server/database/connection';
import { readClass } from '$lib/server/database/classes';
import { pupilPrints, setNeeds } from '$lib/server/database/pupil-needs';
import { idOf } from '$lib/server/forms';
import { error, fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
  const group = readClass(db(), idOf(params.id) ?? 0);
  if (!group) error(404, 'There is no such class.');
  return { group };
};

export const actions: Actions = {
  set: async ({ params, request }) => {
    const form = await request.formData();
    const largePrint = pupilPrints.find((one) => String(one) === form.get('print'));
    const own = { classId: idOf(params.id) ?? 0, id: idOf(form.get('pupil')) ?? 0 };
    const extraTime = form.get('time') === 'yes';
    if (largePrint === undefined || !setNeeds(db(), own, { largePrint, extraTime })) {
      return fail(400, { problem: 'This pupil is not in the class any more.' });
    }
  }
};
