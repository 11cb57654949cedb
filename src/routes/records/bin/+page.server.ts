import { BIN_DAYS, emptyBin, listBin, restoreFromBin } from '$lib/server/database/records/bin';
import { db } from '$lib/server/database/base/connection';
import { idOf } from '$lib/server/http/form-fields';
import { fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = () => {
  emptyBin(db());
  return { entries: listBin(db()), days: BIN_DAYS };
};

const problems = {
  missing: 'This is not in the bin any more: it was brought back, or its time was over.',
  taken: 'Its place is taken: there is another of that name now. Rename that one first.',
  homeless: 'What it belonged to was removed as well. Bring that back first.'
} as const;

export const actions: Actions = {
  restore: async ({ request }) => {
    const id = idOf((await request.formData()).get('id')) ?? 0;
    const restored = restoreFromBin(db(), id);
    if (restored.ok) return { restored: restored.title };
    return fail(restored.code === 'missing' ? 404 : 409, { id, problem: problems[restored.code] });
  }
};
