import type { Need } from '@zealous-quill/core/papers';
import { db } from '$lib/server/database/base/connection';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { createPaper, styleOf } from '$lib/server/database/papers/papers';
import { readResults } from '$lib/server/database/marking/results';
import { needsOf, type Results } from '@zealous-quill/core/results';
import { changesSince, withdrawnParts } from '$lib/server/database/exams/scheme-versions';
import { readBoundaries, setBoundaries } from '$lib/server/database/sittings/boundaries';
import { listScripts } from '$lib/server/database/sittings/scripts';
import { readSitting, sittingsOf } from '$lib/server/database/sittings/sittings';
import { itemsMet } from '$lib/server/database/sittings/exposure';
import { idOf, textOf } from '$lib/server/http/form-fields';
import { whileHere } from '$lib/server/jobs/leaving';
import { run } from '$lib/server/jobs/pool';
import { undoneStatus, undoneWords } from '$lib/server/jobs/words';
import { newSeed } from '$lib/server/http/seeds';
import { error, fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { CHANGED_MEANWHILE, wasOf } from '$lib/server/database/base/was';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params, url }) => {
  const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
  if (!sitting) error(404, 'There is no such sitting.');
  const all = sittingsOf(db(), sitting.paperId);
  const isTogether = url.searchParams.get('with') === 'all' && all.length > 1;
  const ids = isTogether ? all.map(({ id }) => id) : sitting.id;
  return {
    sitting,
    style: styleOf(db(), sitting.paperId),
    results: readResults(db(), ids, sitting.paperId),
    isTogether,
    /** The classes that sat the paper, this one among them. */
    sittings: all.map(({ id, className, satOn, scripts }) => ({ id, className, satOn, scripts })),
    boundaries: readBoundaries(db(), sitting.id),
    boundariesWere: wasOf(readBoundaries(db(), sitting.id)),
    schemesWere: wasOf(changesSince(db(), sitting.paperId)),
    withdrawn: withdrawnParts(db(), sitting.paperId)
  };
};

/** Grades that are told apart at most. */
const MOST_GRADES = 12;

const boundariesSchema = z
  .array(
    z.strictObject({ grade: z.string().trim().min(1).max(20), from: z.int().min(0).max(1000) })
  )
  .max(MOST_GRADES)
  .refine((all) => new Set(all.map(({ grade }) => grade)).size === all.length, {
    message: 'Two grades have the same name.'
  })
  .refine((all) => new Set(all.map(({ from }) => from)).size === all.length, {
    message: 'Two grades begin at the same mark.'
  });

export const actions: Actions = {
  boundaries: async ({ params, request }) => {
    const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
    if (!sitting) error(404, 'There is no such sitting.');
    const form = await request.formData();
    const grades = form.getAll('grade').map(String);
    const from = form.getAll('from').map((one) => (String(one).trim() === '' ? NaN : Number(one)));
    const rows = grades
      .map((grade, at) => ({ grade, from: from[at] }))
      .filter((row) => row.grade.trim() !== '' || !Number.isNaN(row.from));
    const read = boundariesSchema.safeParse(rows);
    if (!read.success) {
      const [issue] = read.error.issues;
      const isOwn = issue?.code === 'custom';
      return fail(400, {
        gradeProblem: isOwn ? issue.message : 'Each grade needs a name and a whole number of marks.'
      });
    }
    const others =
      textOf(form, 'all') === 'yes' ? sittingsOf(db(), sitting.paperId).map(({ id }) => id) : [];
    const ids = [sitting.id, ...others.filter((id) => id !== sitting.id)];
    if (!setBoundaries(db(), ids, read.data, textOf(form, 'was'))) {
      return fail(409, { gradeProblem: CHANGED_MEANWHILE });
    }
    return { isDone: true };
  },
  /**
   * A new practice, without items this class has met: against an error pattern, in a skill, or of what some
   * pupils, or all, need most.
   */
  practise: async (event) => {
    const { params, request } = event;
    const form = await request.formData();
    const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
    if (!sitting) error(404, 'There is no such sitting.');
    const results = readResults(db(), sitting.id, sitting.paperId);
    const asked = askedFor(form, results);
    if (!asked) return fail(400, { problem: 'There is no such skill, pattern or script.' });
    if (asked.needs.length === 0) {
      return fail(422, {
        problem: `Nothing stands out for ${asked.whom}: choose a skill or an error pattern to practise.`
      });
    }
    // The one for whom it is is named on it.
    const whose = asked.isAll || asked.only !== null ? '' : `, ${asked.whom}`;
    const title = `${asked.title} (${sitting.className}${whose})`;
    const order = {
      title: title.slice(0, 120),
      needs: asked.needs,
      options: {
        seed: newSeed(),
        style: readHouseStyle(db()),
        met: itemsMet(db(), sitting.classId)
      }
    };
    const done = await whileHere(event, (signal) => run('practice', order, { signal }));
    if (!done.ok) {
      return fail(undoneStatus(done.error), { problem: undoneWords[done.error.code] });
    }
    const paper = done.result;
    if (!paper) {
      return fail(422, { problem: 'Too few other items were found that this class has not met.' });
    }
    const own = listScripts(db(), sitting.id).find(({ id }) => id === asked.only);
    redirect(303, `/papers/${createPaper(db(), paper, { pupilId: own?.pupilId ?? null })}`);
  }
};

interface Asked {
  readonly title: string;
  readonly needs: readonly Need[];
  readonly whom: string;
  readonly isAll: boolean;
  /** The script of the one pupil it is for; null if it is for several. */
  readonly only: number | null;
}

function askedFor(form: FormData, results: Results): Asked | undefined {
  const scripts = form.getAll('script').map(idOf);
  const chosen = results.pupils.filter(({ scriptId }) => scripts.includes(scriptId));
  if (chosen.length < scripts.length) return undefined;
  const isAll = chosen.length === 0;
  const only = chosen.length === 1 ? (chosen[0]?.scriptId ?? null) : null;
  const whom = isAll ? 'the class' : chosen.length === 1 ? 'one pupil' : `${chosen.length} pupils`;
  const skill = results.skills.find((one) => one.skill === textOf(form, 'skill'));
  if (!form.has('skill')) {
    const needs = needsOf(results, isAll ? results.pupils : chosen);
    return { title: 'Practice', needs, whom, isAll, only };
  }
  if (!skill) return undefined;
  const need = { skill: skill.skill, school: skill.school };
  if (!form.has('pattern')) {
    return { title: `Practice: ${skill.title.toLowerCase()}`, needs: [need], whom, isAll, only };
  }
  const pattern = results.patterns.find(
    (one) => one.skill === skill.skill && one.id === textOf(form, 'pattern')
  );
  return (
    pattern && {
      title: `Practice: ${pattern.title.toLowerCase()}`,
      needs: [{ ...need, pattern: pattern.id }],
      whom,
      isAll,
      only
    }
  );
}
