import { db } from '$lib/server/database/base/connection';
import { binTitle } from '$lib/server/database/records/bin';
import { archiveClasses } from '$lib/server/database/people/archive-classes';
import { createClass, listClasses } from '$lib/server/database/people/classes';
import { idOf, textOf } from '$lib/server/http/form-fields';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => {
  const isArchived = url.searchParams.get('archived') === 'yes';
  const removed = binTitle(db(), idOf(url.searchParams.get('removed')) ?? 0);
  return {
    isArchived,
    removed,
    classes: listClasses(db(), isArchived),
    archived: listClasses(db(), true).length
  };
};

export const actions: Actions = {
  create: async ({ request }) => {
    const name = textOf(await request.formData(), 'name');
    if (name === '' || name.length > 80) {
      return fail(400, { name, problem: 'Give the class a name of up to 80 characters.' });
    }
    const id = createClass(db(), name);
    if (id === undefined) return fail(409, { name, problem: 'There is a class of that name.' });
    redirect(303, `/classes/${id}`);
  },
  /** Puts the classes of a school year away. */
  archive: async ({ request }) => {
    const year = textOf(await request.formData(), 'year');
    if (year === '') return fail(400, { name: '', problem: 'Say which school year.' });
    const own = listClasses(db()).filter((one) => one.year === year);
    archiveClasses(
      db(),
      own.map(({ id }) => id)
    );
    return { archived: own.length };
  }
};
