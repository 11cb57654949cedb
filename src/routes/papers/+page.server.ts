import { controlsSchema } from '@zealous-quill/core/papers';
import { findListedSkill } from '@zealous-quill/core/catalogue';
import { readControls, type Controls } from '@zealous-quill/core/skill';
import { db } from '$lib/server/database/base/connection';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { copyPaper } from '$lib/server/database/exams/copy-paper';
import { createPaper, findPapers, removePaper } from '$lib/server/database/papers/papers';
import { idOf, textOf } from '$lib/server/http/form-fields';
import { whileHere } from '$lib/server/jobs/leaving';
import { run } from '$lib/server/jobs/pool';
import { undoneStatus, undoneWords } from '$lib/server/jobs/words';
import { readListQuery } from '$lib/server/database/base/list-query';
import { newSeed } from '$lib/server/http/seeds';
import { listedSkills } from '$lib/server/http/shown-skills';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

const IMPOSSIBLE = 'No paper can be made with these controls.';

export const load: PageServerLoad = ({ url }) => {
  const papers = findPapers(db(), readListQuery(url));
  return { papers, skills: listedSkills(readHouseStyle(db())) };
};

export const actions: Actions = {
  /** A new paper from a skill: its usual ladder within the controls of the workshop, or one rung with them. */
  start: async (event) => {
    const { request } = event;
    const form = await request.formData();
    const skill = findListedSkill(textOf(form, 'skill'));
    if (!skill) return fail(400, { problem: 'There is no such skill.' });
    const seed = newSeed();
    const style = readHouseStyle(db());
    const isRung = textOf(form, 'with') === 'controls';
    const controls = readControlsText(textOf(form, isRung ? 'controls' : 'kept') || '{}');
    if (!controls || !readControls(skill.features, controls).ok) {
      return fail(400, { problem: IMPOSSIBLE });
    }
    const asked = { skill: skill.id, controls, seed, style };
    const done = await whileHere(event, (signal) =>
      isRung ? run('rung', asked, { signal }) : run('ladder', asked, { signal })
    );
    if (!done.ok) {
      return fail(undoneStatus(done.error), { problem: undoneWords[done.error.code] });
    }
    const paper = done.result;
    if (!paper?.rungs.length) return fail(400, { problem: IMPOSSIBLE });
    redirect(303, `/papers/${createPaper(db(), paper)}`);
  },
  copy: async ({ request }) => {
    const form = await request.formData();
    const at = idOf(form.get('id')) ?? 0;
    const copy = copyPaper(db(), at);
    if (copy === undefined) {
      return fail(404, { at, problem: 'This paper is not there any more.' });
    }
    redirect(303, `/papers/${copy}`);
  },
  /** `marks` says that sittings and marks may go as well; the page asks for that first. */
  remove: async ({ request }) => {
    const form = await request.formData();
    const at = idOf(form.get('id')) ?? 0;
    const removed = removePaper(db(), at, form.get('marks') === 'go');
    if (!removed) return fail(409, { at, problem: 'This paper has been sat since; look again.' });
    return { removed };
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
