import { controlsSchema } from '@zealous-quill/core/papers';
import { findSkill, readControls, type Controls } from '@zealous-quill/core/skills';
import { db } from '$lib/server/database/connection';
import { readHouseStyle } from '$lib/server/database/house-style';
import { createPaper, deletePaper, findPapers } from '$lib/server/database/papers';
import { idOf, textOf } from '$lib/server/forms';
import { run } from '$lib/server/jobs/pool';
import { undoneWords } from '$lib/server/jobs/words';
import { readListQuery } from '$lib/server/list-query';
import { newSeed } from '$lib/server/seeds';
import { listedSkills } from '$lib/server/shown-skills';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

const IMPOSSIBLE = 'No paper can be made with these controls.';

export const load: PageServerLoad = ({ url }) => ({
  papers: findPapers(db(), readListQuery(url)),
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
    if (!controls || !readControls(skill.features, controls).ok) {
      return fail(400, { problem: IMPOSSIBLE });
    }
    const asked = { skill: skill.id, controls, seed, style };
    const done = isRung ? await run('rung', asked) : await run('ladder', asked);
    if (!done.ok) return fail(422, { problem: undoneWords[done.error.code] });
    const paper = done.result;
    if (!paper?.rungs.length) return fail(400, { problem: IMPOSSIBLE });
    redirect(303, `/papers/${createPaper(db(), paper)}`);
  },
  remove: async ({ request }) => {
    const id = idOf((await request.formData()).get('id'));
    if (id === undefined || !deletePaper(db(), id)) {
      return fail(409, { problem: 'A paper that has been sat is kept.' });
    }
  }
};

function readControlsText(text: string): Controls | undefined {
  try {
    const parsed = controlsSchema.safeParse(JSON.parse(text));
    return parsed.success ? (parsed.data as Controls) : undefined;
  } catch {
    return undefined;
  }
}
