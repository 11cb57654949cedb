import { MOST_ITEMS, MOST_SETS } from '@zealous-quill/core/quick';
import { db } from '$lib/server/database/connection';
import { readHouseStyle } from '$lib/server/database/house-style';
import { run } from '$lib/server/jobs/pool';
import { undoneWords } from '$lib/server/jobs/words';
import { quickSkill, readQuick } from '$lib/server/quick-request';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

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
    sheets: done.ok ? (done.result ?? null) : null,
    problem: done.ok ? '' : undoneWords[done.error.code]
  };
};
