import {
  blueprintSchema,
  examOutline,
  notReady,
  notReadyWords,
  planName,
  planOfExam,
  withPart
} from '@zealous-quill/core/exams';
import { listClasses } from '$lib/server/database/people/classes';
import { COORDINATOR } from '$lib/server/database/base/change';
import { db } from '$lib/server/database/base/connection';
import { readForms } from '$lib/server/database/exams/forms';
import {
  factsOfExam,
  newExamEdition,
  readExam,
  setExamState
} from '$lib/server/database/exams/exams';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { departmentSchemes } from '$lib/server/database/papers/default-schemes';
import { wasOf } from '$lib/server/database/base/was';
import { changesSince } from '$lib/server/database/exams/scheme-versions';
import { createPlan } from '$lib/server/database/papers/plans';
import { dealings } from '$lib/server/database/exams/dealing';
import { sitExam, snapshotsAsked } from '$lib/server/database/sittings/sit-exam';
import { metOnExam } from '$lib/server/exams/who-met';
import { formComparison } from '$lib/server/exams/form-comparison';
import { failedWords, repeatExam } from '$lib/server/exams/draw-forms';
import { newSeed } from '$lib/server/http/seeds';
import { dayOf, idOf, textOf } from '$lib/server/http/form-fields';
import { whileHere } from '$lib/server/jobs/leaving';
import { run } from '$lib/server/jobs/pool';
import { undoneWords } from '$lib/server/jobs/words';
import { listedSkills } from '$lib/server/http/shown-skills';
import { findPaperCard } from '@zealous-quill/core/catalogue';
import { error, fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
  const stored = readExam(db(), idOf(params.id) ?? 0);
  if (!stored) error(404, 'There is no such exam.');
  const { style: sealed, exam: kept, ...rest } = stored;
  const style = sealed ?? readHouseStyle(db());
  const since = stored.isSat ? changesSince(db(), stored.id) : {};
  // Of a sat exam the schemes are those that hold now.
  const exam = Object.entries(since).reduce(
    (whole, [id, { scheme }]) => withPart(whole, id, (part) => ({ ...part, scheme })),
    kept
  );
  const skills = listedSkills(style);
  const forms = readForms(db(), stored.id);
  return {
    ...rest,
    ...{ exam, style },
    schemesWere: wasOf(since),
    departmentSchemes: departmentSchemes(db()),
    since: Object.fromEntries(
      Object.entries(since).map(([id, { scheme: _, ...change }]) => [id, change])
    ),
    facts: factsOfExam(db(), exam, style),
    notReady: stored.isSat ? [] : notReady(exam, stored.state).map(notReadyWords),
    met: stored.isSat ? {} : metOnExam(db(), stored),
    forms: forms.map(({ id, kind, letter, name }) => ({ id, kind, letter, name })),
    comparison: formComparison(exam, forms, style),
    skills,
    titles: Object.fromEntries(
      [...skills.map(({ id }) => id), 'own-question'].map((id) => [id, findPaperCard(id)!.title])
    ),
    classes: listClasses(db())
  };
};

const sitProblems = {
  missing: 'This exam has been removed.',
  'no-items': 'There is nothing to mark on this exam yet.',
  'no-class': 'Choose at least one class.',
  'no-pupils': 'One of these classes has no pupils yet.',
  twice: 'One of these classes has sat the exam on that day already.',
  changed: 'The exam was changed meanwhile. Look at it again.'
} as const;

export const actions: Actions = {
  sit: async (event) => {
    const form = await event.request.formData();
    const id = idOf(event.params.id) ?? 0;
    const satOn = dayOf(textOf(form, 'satOn'));
    if (!satOn) return fail(400, { sitProblem: 'Say on which day it was sat: one that there is.' });
    const classIds = form.getAll('class').flatMap((one) => idOf(one) ?? []);
    const dealing = dealings.find((one) => one === textOf(form, 'forms')) ?? 'first';
    const stored = readExam(db(), id);
    const version = stored?.version ?? 0;
    const unready = stored && !stored.isSat ? notReady(stored.exam, stored.state) : [];
    if (unready.length > 0 && form.get('anyway') !== 'yes') {
      const reasons = unready.map(notReadyWords).join(' ');
      return fail(400, { sitProblem: `${reasons} Say that it is sat all the same.` });
    }
    const asked = snapshotsAsked(db(), id);
    const done = asked
      ? await whileHere(event, (signal) => run('snapshots', asked, { signal }))
      : { ok: true as const, result: [] };
    if (!done.ok) return fail(503, { sitProblem: undoneWords[done.error.code] });
    const sat = sitExam(db(), { id, version }, { classIds, satOn, dealing }, done.result);
    if (!sat.ok) return fail(400, { sitProblem: sitProblems[sat.code] });
    redirect(303, sat.ids.length === 1 ? `/marking/${sat.ids[0]}` : '/marking');
  },
  edition: ({ params }) => {
    const id = newExamEdition(db(), idOf(params.id) ?? 0);
    if (id === undefined) error(404, 'There is no such exam.');
    redirect(303, `/papers/${id}/exam`);
  },
  repeat: async (event) => {
    const made = await whileHere(event, (signal) =>
      repeatExam(db(), idOf(event.params.id) ?? 0, signal)
    );
    if (!made.ok) return fail(422, { problem: failedWords[made.code] });
    redirect(303, `/papers/${made.id}/exam`);
  },
  state: async ({ params, request }) => {
    const form = await request.formData();
    const state = (['draft', 'checked', 'approved'] as const).find(
      (one) => one === textOf(form, 'state')
    );
    const version = idOf(form.get('version'));
    const id = idOf(params.id) ?? 0;
    if (!state || !version) return fail(400, { problem: 'Say how far the exam has come.' });
    if (!setExamState(db(), { id, version, userId: COORDINATOR }, state)) {
      return fail(409, { problem: 'This exam was changed since. Look at it again.' });
    }
    return {};
  },
  plan: ({ params }) => {
    const stored = readExam(db(), idOf(params.id) ?? 0);
    if (!stored) error(404, 'There is no such exam.');
    const { exam, plan, unmet } = stored;
    const facts = factsOfExam(db(), exam, stored.style ?? readHouseStyle(db()));
    // Another plan is another paper, also where it asks the same.
    const seed = newSeed();
    const made = blueprintSchema.safeParse(
      plan ? { ...plan, seed } : planOfExam(exam.sections, examOutline(exam, facts), seed)
    );
    if (!made.success) return fail(422, { problem: 'No plan can be made of an empty exam.' });
    redirect(303, `/papers/plans/${createPlan(db(), planName(exam.title), made.data, unmet)}`);
  }
};
