import { db } from '$lib/server/database/connection';
import { addPupil, readClass, removePupil } from '$lib/server/database/classes';
import { idOf, textOf } from '$lib/server/forms';
import { error, fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
  const group = readClass(db(), idOf(params.id) ?? 0);
  if (!group) error(404, 'There is no such class.');
  return { group };
};

export const actions: Actions = {
  add: async ({ params, request }) => {
    const classId = idOf(params.id) ?? 0;
    const name = textOf(await request.formData(), 'name');
    if (!readClass(db(), classId)) error(404, 'There is no such class.');
    if (name === '' || name.length > 80) {
      return fail(400, { name, problem: 'A name has 1 to 80 characters.' });
    }
    if (addPupil(db(), classId, name) === undefined) {
      return fail(409, { name, problem: 'This class has a pupil of that name; add an initial.' });
    }
  },
  remove: async ({ params, request }) => {
    const pupil = idOf((await request.formData()).get('pupil')) ?? 0;
    if (!removePupil(db(), idOf(params.id) ?? 0, pupil)) {
      return fail(409, { name: '', problem: 'A pupil who has sat a paper stays with the class.' });
    }
  }
};
