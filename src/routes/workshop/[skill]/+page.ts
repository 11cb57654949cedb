import { controlsSchema } from '@zealous-quill/core/papers';
import { findSkill, readControls, type Controls } from '@zealous-quill/core/skills';
import { error } from '@sveltejs/kit';
import type { PageLoad } from './$types';

/** The address holds everything that is chosen, so that it can be sent to a colleague. */
export const load: PageLoad = ({ params, url }) => {
  const skill = findSkill(params.skill);
  if (!skill) error(404, 'There is no such skill.');
  const start = skill.ladder.find(({ kind }) => kind === 'set-out')?.controls ?? {};
  const seed = Number(url.searchParams.get('seed') ?? 1);
  return {
    skillId: skill.id,
    controls: readAsked(url.searchParams.get('controls'), start, skill.id),
    seed: Number.isInteger(seed) && seed >= 0 && seed < 2 ** 32 ? seed : 1,
    line: url.searchParams.get('item')
  };
};

function readAsked(text: string | null, start: Controls, skillId: string): Controls {
  if (text === null) return start;
  try {
    const controls = controlsSchema.parse(JSON.parse(text)) as Controls;
    return readControls(findSkill(skillId)!.features, controls).ok ? controls : start;
  } catch {
    return start;
  }
}
