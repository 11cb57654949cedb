import { MOST_ITEMS, MOST_SETS } from '@zealous-quill/core/quick';
import { db } from '$lib/server/database/base/connection';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { run } from '$lib/server/jobs/pool';
import { undoneWords } from '$lib/server/jobs/words';
import { quickSkill, readQuick } from '$lib/server/http/quick-request';
import { idOf } from '$lib/server/http/form-fields';
import { keepTimedSet } from '$lib/server/database/people/timed';
import { listClasses, readClass } from '$lib/server/database/people/classes';
import { error, fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

/** Quick practice of a skill; the address holds everything that is chosen, so that the same sheets come again. */
export const load: PageServerLoad = async ({ params, url }) => {
  const skill = quickSkill(params.skill);
  if (!skill) error(404, 'There is no quick practice of such a skill.');
  const style = readHouseStyle(db());
  const { minutes, ...asked } = readQuick(url.searchParams, skill);
  const done = await run('quick', { ...asked, skill: skill.id, style });
  return {
    style,
    skill: { id: skill.id, title: skill.title },
    asked: { ...asked, minutes },
    limits: { items: MOST_ITEMS, sets: MOST_SETS },
    classes: listClasses(db()).map(({ id, name }) => ({ id, name })),
    sheets: done.ok ? (done.result ?? null) : null,
    problem: done.ok ? '' : undoneWords[done.error.code]
  };
};

export const actions: Actions = {
  /** Keeps the sheets of the address for a class, to note scores and times. */
  keep: async ({ params, url, request }) => {
    const skill = quickSkill(params.skill);
    if (!skill) error(404, 'There is no quick practice of such a skill.');
    const classId = idOf((await request.formData()).get('class')) ?? 0;
    if (!readClass(db(), classId))
      return fail(404, { problem: 'There is no such class any more.' });
    const { minutes, ...asked } = readQuick(url.searchParams, skill);
    const done = await run('quick', { ...asked, skill: skill.id, style: readHouseStyle(db()) });
    const items = done.ok ? (done.result?.sets[0]?.length ?? 0) : 0;
    if (items === 0) return fail(409, { problem: 'There are no sheets to keep.' });
    const kept = { classId, skill: skill.id, asked: { ...asked, minutes }, items };
    redirect(303, `/classes/${classId}/timed/${keepTimedSet(db(), kept)}`);
  }
};
