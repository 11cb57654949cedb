import { followUp } from '@zealous-quill/core/papers';
import { findSkill } from '@zealous-quill/core/skills';
import { db } from '$lib/server/database/connection';
import { createPaper, styleOf } from '$lib/server/database/papers';
import { readResults } from '$lib/server/database/results';
import { readSitting } from '$lib/server/database/sittings';
import { satItems } from '$lib/server/database/snapshots';
import { idOf, textOf } from '$lib/server/forms';
import { newSeed } from '$lib/server/seeds';
import { error, fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
  const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
  if (!sitting) error(404, 'There is no such sitting.');
  return {
    sitting,
    style: styleOf(db(), sitting.paperId),
    results: readResults(db(), sitting.id, sitting.paperId)
  };
};

export const actions: Actions = {
  /** A new practice on which a chosen error pattern shows, without items this class has just met. */
  practise: async ({ params, request }) => {
    const form = await request.formData();
    const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
    const skill = findSkill(textOf(form, 'skill'));
    const pattern = textOf(form, 'pattern');
    if (!sitting || !skill?.patterns.some(({ id }) => id === pattern)) {
      return fail(400, { problem: 'There is no such error pattern.' });
    }
    const own = satItems(db(), sitting.paperId).filter(({ item }) => item.skill === skill.id);
    const met = own.map(({ item }) => skill.orderless(item.given));
    const school = own[0]?.item.school;
    const paper = followUp(skill.id, pattern, {
      seed: newSeed(),
      except: met,
      ...(school !== undefined && { school })
    });
    if (!paper)
      return fail(422, { problem: 'Too few other items were found on which this pattern shows.' });
    const title = `${paper.title} (${sitting.className})`.slice(0, 120);
    redirect(303, `/papers/${createPaper(db(), { ...paper, title })}`);
  }
};
