import { blueprintSchema, planName, planOfPractice } from '@zealous-quill/core/exams';
import { factsIn } from '@zealous-quill/core/papers';
import { db } from '$lib/server/database/base/connection';
import { listClasses } from '$lib/server/database/people/classes';
import { isExam } from '$lib/server/database/exams/exams';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { newEdition, readPaper } from '$lib/server/database/papers/papers';
import { createPlan } from '$lib/server/database/papers/plans';
import { sitPaper } from '$lib/server/database/sittings/sittings';
import { dayOf, idOf, textOf } from '$lib/server/http/form-fields';
import { newSeed } from '$lib/server/http/seeds';
import { describedSkills, listedSkills } from '$lib/server/http/shown-skills';
import { error, fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
  if (isExam(db(), idOf(params.id) ?? 0)) redirect(307, `/papers/${params.id}/exam`);
  const stored = readPaper(db(), idOf(params.id) ?? 0);
  if (!stored) error(404, 'There is no such paper.');
  const { id, version, edition, isSat, damage, pupil, style: sealed, ...paper } = stored;
  const style = sealed ?? readHouseStyle(db());
  return {
    ...{ id, version, edition, isSat, damage, pupil, paper, style },
    facts: factsIn(paper, { style }),
    descriptions: describedSkills(
      paper.rungs.map(({ skill }) => skill),
      style
    ),
    skills: isSat ? [] : listedSkills(style),
    classes: listClasses(db())
  };
};

const problems = {
  missing: 'Choose a class.',
  'no-items': 'There is nothing to mark on this paper: add a rung that pupils do on their own.',
  'no-pupils': 'This class has no pupils yet.',
  twice: 'This class has sat the paper on that day already.'
} as const;

export const actions: Actions = {
  sit: async ({ params, request }) => {
    const form = await request.formData();
    const satOn = dayOf(textOf(form, 'satOn'));
    if (!satOn) return fail(400, { problem: 'Say on which day it was sat: one that there is.' });
    const result = sitPaper(db(), idOf(params.id) ?? 0, idOf(form.get('class')) ?? 0, satOn);
    if (!result.ok) return fail(400, { problem: problems[result.code] });
    redirect(303, `/marking/${result.id}`);
  },
  plan: ({ params }) => {
    const paper = readPaper(db(), idOf(params.id) ?? 0);
    if (!paper) error(404, 'There is no such paper.');
    const made = blueprintSchema.safeParse(planOfPractice(paper, newSeed()));
    if (!made.success) {
      return fail(422, {
        planProblem: 'A plan needs items that pupils do on their own, at most 300 marks of them.'
      });
    }
    redirect(303, `/papers/plans/${createPlan(db(), planName(paper.title), made.data)}`);
  },
  edition: ({ params }) => {
    const id = newEdition(db(), idOf(params.id) ?? 0);
    if (id === undefined) error(404, 'There is no such paper.');
    redirect(303, `/papers/${id}`);
  }
};
