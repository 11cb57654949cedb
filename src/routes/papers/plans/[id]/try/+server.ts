import { blueprintSchema } from '@zealous-quill/core/exams';
import { planProblems } from '$lib/server/api/exams';
import { fail, invalid, post, reply } from '$lib/server/api/reply';
import { db } from '$lib/server/database/connection';
import { readHouseStyle } from '$lib/server/database/house-style';
import { shownParts, triedInVain } from '$lib/server/exam-plan';
import { run } from '$lib/server/jobs/pool';
import { undoneWords } from '$lib/server/jobs/words';
import type { RequestHandler } from './$types';

/** What a plan gives as it stands on the page: a paper, or the lines that cannot hold together. */
export const POST: RequestHandler = ({ request }) =>
  post(blueprintSchema, async (plan) => {
    const problems = [...planProblems(plan)];
    if (problems.length > 0) return invalid(problems);
    const done = await run('assemble', { plan, seed: plan.seed ?? 0 }, { signal: request.signal });
    if (!done.ok) {
      return done.error.code === 'too-hard'
        ? reply(triedInVain(plan, { code: 'too-hard' }))
        : fail(503, done.error.code, undoneWords[done.error.code]);
    }
    const { result } = done;
    if (!result.ok) return reply(triedInVain(plan, result.error));
    const { parts, totals } = result;
    return reply({ ok: true, parts: shownParts(parts, readHouseStyle(db())), totals });
  })({ request });
