import { db } from '$lib/server/database/base/connection';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { createPlan, listPlans, readPlan, removePlan } from '$lib/server/database/papers/plans';
import { startPlan } from '$lib/server/exams/plan-trial';
import { idOf, textOf } from '$lib/server/http/form-fields';
import { listedSkills } from '$lib/server/http/shown-skills';
import { findCard } from '@zealous-quill/core/catalogue';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

const GONE = 'This plan is not there any more.';

export const load: PageServerLoad = () => ({
  plans: listPlans(db()),
  skills: listedSkills(readHouseStyle(db()))
});

export const actions: Actions = {
  start: async ({ request }) => {
    const card = findCard(textOf(await request.formData(), 'skill'));
    if (!card) return fail(400, { problem: 'There is no such skill.' });
    redirect(
      303,
      `/papers/plans/${createPlan(db(), `Assessment: ${card.title.toLowerCase()}`, startPlan(card.id))}`
    );
  },
  copy: async ({ request }) => {
    const at = idOf((await request.formData()).get('id')) ?? 0;
    const own = readPlan(db(), at);
    if (!own) return fail(404, { at, problem: GONE });
    const name = `${own.name}, copy`.slice(0, 120);
    redirect(303, `/papers/plans/${createPlan(db(), name, own.plan, own.unmet)}`);
  },
  remove: async ({ request }) => {
    const at = idOf((await request.formData()).get('id')) ?? 0;
    const removed = removePlan(db(), at);
    if (!removed) return fail(404, { at, problem: GONE });
    return { removed };
  }
};
