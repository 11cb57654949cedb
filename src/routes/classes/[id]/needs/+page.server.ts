import { db } from '$lib/server/database/base/connection';
import { readClass } from '$lib/server/database/people/classes';
import { pupilPrints, setNeeds, type Needs } from '$lib/server/database/people/pupil-needs';
import { idOf } from '$lib/server/http/form-fields';
import { CHANGED_MEANWHILE } from '$lib/server/database/base/was';
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
    const [needs, was] = [needsOf(form, ''), needsOf(form, 'was-')];
    if (!needs || !was) return fail(400, { problem: 'There is no such size of print.' });
    const own = { classId: idOf(params.id) ?? 0, id: idOf(form.get('pupil')) ?? 0 };
    const code = setNeeds(db(), own, needs, was);
    if (code === 'missing') {
      return fail(400, { problem: 'This pupil is not in the class any more.' });
    }
    if (code === 'changed') return fail(409, { problem: CHANGED_MEANWHILE });
  }
};

function needsOf(form: FormData, prefix: string): Needs | undefined {
  const largePrint = pupilPrints.find((one) => String(one) === form.get(`${prefix}print`));
  return largePrint === undefined
    ? undefined
    : { largePrint, extraTime: form.get(`${prefix}time`) === 'yes' };
}
