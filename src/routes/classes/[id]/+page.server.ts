import { findCard } from '@zealous-quill/core/catalogue';
import { readName, type PupilName } from '@zealous-quill/core/exchange';
import { binTitle } from '$lib/server/database/records/bin';
import { db } from '$lib/server/database/base/connection';
import {
  addPupil,
  readClass,
  removeClass,
  removePupil,
  renameClass,
  renamePupil,
  type Renamed
} from '$lib/server/database/people/classes';
import {
  archiveClasses,
  isSchoolYear,
  setYear,
  takeOutOfArchive
} from '$lib/server/database/people/archive-classes';
import { listTimedSets } from '$lib/server/database/people/timed';
import { idOf, textOf } from '$lib/server/http/form-fields';
import { error, fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

const LONGEST = 80;
const nameProblem = `A name has 1 to ${LONGEST} characters.`;

export const load: PageServerLoad = ({ params, url }) => {
  const group = readClass(db(), idOf(params.id) ?? 0);
  if (!group) error(404, 'There is no such class.');
  return {
    group,
    timed: listTimedSets(db(), group.id).map(({ id, skill, asked, items, createdAt, pupils }) => ({
      ...{ id, items, createdAt, pupils, sheets: asked.sets },
      title: findCard(skill)?.title ?? skill
    })),
    removed: binTitle(db(), idOf(url.searchParams.get('removed')) ?? 0)
  };
};

export const actions: Actions = {
  /** `key` is one for what was typed: sent again, as its answer was lost, it adds nobody twice. */
  add: async ({ params, request }) => {
    const form = await request.formData();
    const classId = idOf(params.id) ?? 0;
    const typed = textOf(form, 'name');
    if (!readClass(db(), classId)) error(404, 'There is no such class.');
    const pupil = pupilOf(typed);
    if (!pupil) return fail(400, { name: typed, problem: nameProblem });
    addPupil(db(), classId, pupil, textOf(form, 'key').slice(0, 80));
    return { added: true };
  },
  /** `was` is the name that stood there: a form that was read before another change takes nothing back. */
  rename: async ({ params, request }) => {
    const form = await request.formData();
    const typed = textOf(form, 'name');
    const pupil = pupilOf(typed);
    if (!pupil) return fail(400, { name: '', problem: nameProblem });
    const own = { classId: idOf(params.id) ?? 0, id: idOf(form.get('pupil')) ?? 0 };
    return told(renamePupil(db(), own, pupil, textOf(form, 'was')), typed);
  },
  renameClass: async ({ params, request }) => {
    const form = await request.formData();
    const name = textOf(form, 'name');
    if (name === '' || name.length > LONGEST) return fail(400, { name: '', problem: nameProblem });
    return told(renameClass(db(), idOf(params.id) ?? 0, name, textOf(form, 'was')), name);
  },
  year: async ({ params, request }) => {
    const year = textOf(await request.formData(), 'year');
    if (!isSchoolYear(year)) {
      return fail(400, { name: '', aboutClass: 'A school year is written 2026/27.' });
    }
    setYear(db(), idOf(params.id) ?? 0, year);
  },
  archive: async ({ params, request }) => {
    const isArchived = (await request.formData()).get('archived') === 'yes';
    const id = idOf(params.id) ?? 0;
    if (isArchived) archiveClasses(db(), [id]);
    else if (!takeOutOfArchive(db(), id)) {
      const aboutClass = 'A class of that name is in use: give one of them another name first.';
      return fail(409, { name: '', aboutClass });
    }
  },
  /** `marks` says that scripts and marks may go as well; the page asks for that first. */
  remove: async ({ params, request }) => {
    const form = await request.formData();
    const id = idOf(form.get('pupil')) ?? 0;
    const result = removePupil(db(), idOf(params.id) ?? 0, id, form.get('marks') === 'go');
    if (result.ok) return { removed: { bin: result.bin, title: result.title } };
    if (result.code === 'has-marks') {
      return fail(409, { name: '', problem: 'This pupil has sat a paper since; look again.' });
    }
  },
  removeClass: async ({ params, request }) => {
    const withMarks = (await request.formData()).get('marks') === 'go';
    const result = removeClass(db(), idOf(params.id) ?? 0, withMarks);
    if (!result.ok && result.code === 'has-marks') {
      return fail(409, { name: '', problem: 'This class has sat a paper since; look again.' });
    }
    redirect(303, result.ok ? `/classes?removed=${result.bin}` : '/classes');
  }
};

/** What is said of a renaming that did not take place; both names are shown, and neither is lost. */
function told(result: Renamed, typed: string) {
  if (result.ok) return { renamed: true };
  switch (result.code) {
    case 'missing':
      return fail(404, { name: '', problem: 'This is not in the department any more.' });
    case 'taken':
      return fail(409, { name: '', problem: 'There is another class of that name.' });
    case 'changed': {
      const problem = `It was renamed to “${result.name}” in another window since; here “${typed}” was typed. Rename it again if that is right.`;
      return fail(409, { name: '', problem });
    }
  }
}

function pupilOf(typed: string): PupilName | undefined {
  const pupil = readName(typed);
  return pupil.name === '' || pupil.name.length > LONGEST ? undefined : pupil;
}
