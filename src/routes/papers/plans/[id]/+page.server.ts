import { db } from '$lib/server/database/connection';
import { readHouseStyle } from '$lib/server/database/house-style';
import { readPlan } from '$lib/server/database/plans';
import { idOf } from '$lib/server/forms';
import { listedSkills } from '$lib/server/shown-skills';
import { rungWords } from '@zealous-quill/core/papers';
import { skills } from '@zealous-quill/core/skills/all';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
  const saved = readPlan(db(), idOf(params.id) ?? 0);
  if (!saved) error(404, 'There is no such plan.');
  const style = readHouseStyle(db());
  return {
    saved,
    style,
    skills: listedSkills(style),
    /** What a row of each skill can start from. */
    ladders: Object.fromEntries(
      skills.map(({ id, ladder }) => [
        id,
        ladder.map(({ kind, controls }, at) => ({
          title: `${at + 1} ${rungWords[kind].title.toLowerCase()}`,
          controls
        }))
      ])
    )
  };
};
