import { readName, type PupilName } from '@zealous-quill/core/exchange';
import { db } from '$lib/server/database/connection';
import {
  addPupil,
  readClass,
  removeClass,
  removePupil,
  renameClass,
  renamePupil
} from '$lib/server/database/classes';
import { idOf, textOf } from '$lib/server/forms';
import { error, fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

const LONGEST = 80;
const nameProblem = `A name has 1 to ${LONGEST} characters.`;

export const load: PageServerLoad = ({ params }) => {
  const group = readClass(db(), idOf(params.id) ?? 0);
  if (!group) error(404, 'There is no such class.');
  return { group };
};

export const actions: Actions = {
  add: async ({ params, request }) => {
    const classId = idOf(params.id) ?? 0;
    const typed = textOf(await request.formData(), 'name');
    if (!readClass(db(), classId)) error(404, 'There is no such class.');
    const pupil = pupilOf(typed);
    if (!pupil) return fail(400, { name: typed, problem: nameProblem });
    addPupil(db(), classId, pupil);
  },
  rename: async ({ params, request }) => {
    const form = await request.formData();
    const typed = textOf(form, 'name');
    const pupil = pupilOf(typed);
    if (!pupil) return fail(400, { name: '', problem: nameProblem });
    if (!renamePupil(db(), idOf(params.id) ?? 0, idOf(form.get('pupil')) ?? 0, pupil)) {
      return fail(404, { name: '', problem: 'This pupil is not in the class any more.' });
    }
  },
  renameClass: async ({ params, request }) => {
    const name = textOf(await request.formData(), 'name');
    if (name === '' || name.length > LONGEST) return fail(400, { name: '', problem: nameProblem });
    if (!renameClass(db(), idOf(params.id) ?? 0, name)) {
      return fail(409, { name: '', problem: 'There is another class of that name.' });
    }
  },
  /** `marks` says that scripts and marks may go as well; the page asks for that first. */
  remove: async ({ params, request }) => {
    const form = await request.formData();
    const id = idOf(form.get('pupil')) ?? 0;
    const result = removePupil(db(), idOf(params.id) ?? 0, id, form.get('marks') === 'go');
    if (result === 'has-marks') {
      return fail(409, { name: '', problem: 'This pupil has sat a paper since; look again.' });
    }
  },
  removeClass: async ({ params, request }) => {
    const withMarks = (await request.formData()).get('marks') === 'go';
    const result = removeClass(db(), idOf(params.id) ?? 0, withMarks);
    if (result === 'has-marks') {
      return fail(409, { name: '', problem: 'This class has sat a paper since; look again.' });
    }
    redirect(303, '/classes');
  }
};

function pupilOf(typed: string): PupilName | undefined {
  const pupil = readName(typed);
  return pupil.name === '' || pupil.name.length > LONGEST ? undefined : pupil;
}
