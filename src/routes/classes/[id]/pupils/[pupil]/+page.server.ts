import { clearLeftovers } from '$lib/server/archive/leftovers';
import { db } from '$lib/server/database/base/connection';
import { erasePupil, pupilRecord } from '$lib/server/database/people/pupil-record';
import { idOf } from '$lib/server/http/form-fields';
import { error, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

/** Papers that the page shows at once: those of years make it long. */
const NEWEST = 3;

export const load: PageServerLoad = ({ params, url }) => {
  const [classId, pupilId] = [idOf(params.id) ?? 0, idOf(params.pupil) ?? 0];
  const newest = url.searchParams.get('papers') === 'all' ? Infinity : NEWEST;
  const record = pupilRecord(db(), classId, pupilId, newest);
  if (!record) error(404, 'There is no such pupil.');
  return { classId, pupilId, record };
};

export const actions: Actions = {
  erase: ({ params }) => {
    const classId = idOf(params.id) ?? 0;
    if (!erasePupil(db(), classId, idOf(params.pupil) ?? 0)) error(404, 'There is no such pupil.');
    clearLeftovers();
    redirect(303, `/classes/${classId}`);
  }
};
