import { describeSkill, findListedSkill } from '@zealous-quill/core/catalogue';
import { schoolIn } from '@zealous-quill/core/skill';
import { controlsAsked } from '$lib/server/http/controls-asked';
import { db } from '$lib/server/database/base/connection';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { listedSkills } from '$lib/server/http/shown-skills';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** The address holds everything that is chosen, so that it can be sent to a colleague. */
export const load: PageServerLoad = ({ params, url }) => {
  const skill = findListedSkill(params.skill);
  if (!skill) error(404, 'There is no such skill.');
  const style = readHouseStyle(db());
  const seed = Number(url.searchParams.get('seed') ?? 1);
  return {
    skill: describeSkill(skill, style),
    skills: listedSkills(style),
    school: schoolIn(skill, style),
    /** Whether the controls were chosen, and are not just those the skill starts with. */
    isAsked: url.searchParams.has('controls'),
    controls: controlsAsked(url.searchParams.get('controls'), skill),
    seed: Number.isInteger(seed) && seed >= 0 && seed < 2 ** 32 ? seed : 1,
    line: url.searchParams.get('item')
  };
};
