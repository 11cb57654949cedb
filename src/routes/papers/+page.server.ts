import { controlsSchema, fromPlans, startLadder, type Paper } from '@zealous-quill/core/papers';
import {
  findSkill,
  itemsUnder,
  readControls,
  type Controls,
  type Skill
} from '@zealous-quill/core/skills';
import type { HouseStyle } from '@zealous-quill/core/house-style';
import { db } from '$lib/server/database/connection';
import { readHouseStyle } from '$lib/server/database/house-style';
import { createPaper, deletePaper, listPapers } from '$lib/server/database/papers';
import { idOf, textOf } from '$lib/server/forms';
import { newSeed } from '$lib/server/seeds';
import { listedSkills } from '$lib/server/shown-skills';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({
  papers: listPapers(db()),
  skills: listedSkills(readHouseStyle(db()))
});

export const actions: Actions = {
  /** A new paper from a skill: its usual ladder within the controls of the workshop, or one rung with them. */
  start: async ({ request }) => {
    const form = await request.formData();
    const skill = findSkill(textOf(form, 'skill'));
    if (!skill) return fail(400, { problem: 'There is no such skill.' });
    const seed = newSeed();
    const style = readHouseStyle(db());
    const isRung = textOf(form, 'with') === 'controls';
    const controls = readControlsText(textOf(form, isRung ? 'controls' : 'kept') || '{}');
    const paper =
      controls && readControls(skill.features, controls).ok
        ? isRung
          ? fromControls(skill, controls, seed, style)
          : startLadder(skill.id, skill.title, { seed, style, kept: controls })
        : undefined;
    if (!paper?.rungs.length) {
      return fail(400, { problem: 'No paper can be made with these controls.' });
    }
    redirect(303, `/papers/${createPaper(db(), paper)}`);
  },
  remove: async ({ request }) => {
    const id = idOf((await request.formData()).get('id'));
    if (id === undefined || !deletePaper(db(), id)) {
      return fail(409, { problem: 'A paper that has been sat is kept.' });
    }
  }
};

function fromControls(
  skill: Skill,
  controls: Controls,
  seed: number,
  style: HouseStyle
): Paper | undefined {
  const { usable } = itemsUnder(skill, controls);
  const count = usable < 8n ? Number(usable) : 8;
  if (count === 0) return undefined;
  const plan = { skill: skill.id, kind: 'bare' as const, controls, count };
  return fromPlans(skill.title, seed, [plan], style);
}

function readControlsText(text: string): Controls | undefined {
  try {
    const parsed = controlsSchema.safeParse(JSON.parse(text));
    return parsed.success ? (parsed.data as Controls) : undefined;
  } catch {
    return undefined;
  }
}
