import { clearLeftovers } from '$lib/server/archive/leftovers';
import { db } from '$lib/server/database/base/connection';
import { readRetention, saveRetention } from '$lib/server/database/records/retention';
import { eraseOldNames, oldNames } from '$lib/server/database/people/pupil-record';
import { idOf } from '$lib/server/http/form-fields';
import { today } from '$lib/server/http/today';
import { fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = () => {
  const { nameYears } = readRetention(db());
  return { years: nameYears, old: oldNames(db(), nameYears, today()) };
};

export const actions: Actions = {
  years: async ({ request }) => {
    const nameYears = idOf((await request.formData()).get('years')) ?? 0;
    if (nameYears < 1 || nameYears > 30) {
      return fail(400, { problem: 'Keep names for 1 to 30 years.' });
    }
    saveRetention(db(), { nameYears });
  },
  erase: async ({ request }) => {
    const ids = (await request.formData()).getAll('class').flatMap((text) => idOf(text) ?? []);
    if (ids.length === 0) return fail(400, { problem: 'Choose a class whose names are to go.' });
    const { nameYears } = readRetention(db());
    const erased = eraseOldNames(db(), ids, { years: nameYears, today: today() });
    clearLeftovers();
    return { erased };
  }
};
