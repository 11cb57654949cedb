import { db } from '$lib/server/database/connection';
import { createClass, listClasses } from '$lib/server/database/classes';
import { textOf } from '$lib/server/forms';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({ classes: listClasses(db()) });

export const actions: Actions = {
  create: async ({ request }) => {
    const name = textOf(await request.formData(), 'name');
    if (name === '' || name.length > 80) {
      return fail(400, { name, problem: 'Give the class a name of up to 80 characters.' });
    }
    const id = createClass(db(), name);
    if (id === undefined) return fail(409, { name, problem: 'There is a class of that name.' });
    redirect(303, `/classes/${id}`);
  }
};
