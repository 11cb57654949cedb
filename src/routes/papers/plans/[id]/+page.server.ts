import { db } from '$lib/server/database/base/connection';
import { listClasses } from '$lib/server/database/people/classes';
import { createExam } from '$lib/server/database/exams/exams';
import { toAvoid } from '$lib/server/database/sittings/exposure';
import { readHouse } from '$lib/server/database/papers/default-schemes';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { readPlan } from '$lib/server/database/papers/plans';
import { idOf } from '$lib/server/http/form-fields';
import { whileHere } from '$lib/server/jobs/leaving';
import { run } from '$lib/server/jobs/pool';
import { undoneStatus, undoneWords } from '$lib/server/jobs/words';
import { askedOf, metIsCause, whyUnmet } from '$lib/server/exams/plan-trial';
import { planProblems } from '$lib/server/api/exams';
import { examOf } from '@zealous-quill/core/exams';
import { listedSkills } from '$lib/server/http/shown-skills';
import { describeSkill } from '@zealous-quill/core/catalogue';
import { titleIn } from '@zealous-quill/core/skill';
import { loadedSkills } from '@zealous-quill/core/catalogue/all';
import { error, fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
  const saved = readPlan(db(), idOf(params.id) ?? 0);
  if (!saved) error(404, 'There is no such plan.');
  const style = readHouseStyle(db());
  return {
    saved,
    style,
    skills: listedSkills(style),
    classes: listClasses(db()).map(({ id, name }) => ({ id, name })),
    /** The errors of each skill, to ask for parts that show them. */
    patterns: loadedSkills().map(({ id, title, patterns }) => ({
      ...{ skill: id, title },
      patterns: patterns.map((pattern) => [pattern.id, titleIn(pattern.title, style)] as const)
    })),
    /** What a row of each skill can start from. */
    ladders: Object.fromEntries(
      loadedSkills().map(({ id, ladder }) => [id, ladder.map(({ controls }) => ({ controls }))])
    ),
    /** What the features of each skill are called. */
    features: Object.fromEntries(
      loadedSkills().map((skill) => {
        const { features } = describeSkill(skill, style);
        return [skill.id, Object.fromEntries(features.map(({ id, title }) => [id, title]))];
      })
    )
  };
};

export const actions: Actions = {
  /** Makes the exam that the plan gives. */
  paper: async (event) => {
    const saved = readPlan(db(), idOf(event.params.id) ?? 0);
    if (!saved) error(404, 'There is no such plan.');
    const { name, plan, unmet } = saved;
    if ([...planProblems(plan)].length > 0) {
      return fail(422, { problem: 'A row of this plan cannot be read any more. Choose it anew.' });
    }
    const asked = askedOf(plan, { avoid: toAvoid(db(), unmet), house: readHouse(db()) });
    const done = await whileHere(event, (signal) => run('assemble', asked, { signal }));
    if (!done.ok) {
      return fail(undoneStatus(done.error), { problem: undoneWords[done.error.code] });
    }
    const { result } = done;
    if (!result.ok) {
      const isMetCause = await whileHere(event, (signal) => metIsCause(asked, plan, signal));
      return fail(422, { problem: whyUnmet(plan, result.error, isMetCause).message });
    }
    const exam = examOf(name, plan, result);
    redirect(303, `/papers/${createExam(db(), exam, { plan, unmet })}/exam`);
  }
};
