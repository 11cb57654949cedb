import type { Reply } from '$lib/contract/replies';
import { blueprintSchema } from '@zealous-quill/core/exams';
import { planProblems } from '$lib/server/api/exams';
import { invalid, post, reply } from '$lib/server/http/reply';
import { machineUndone } from '$lib/server/api/undone';
import { db } from '$lib/server/database/base/connection';
import { toAvoid } from '$lib/server/database/sittings/exposure';
import { readHouse } from '$lib/server/database/papers/default-schemes';
import { unmetSchema } from '$lib/server/database/papers/plans';
import { askedOf, metIsCause, shownParts, whyUnmet } from '$lib/server/exams/plan-trial';
import { run } from '$lib/server/jobs/pool';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const tried = z.strictObject({ plan: blueprintSchema, unmet: unmetSchema.nullable() });

/** What a plan gives as it stands on the page: a paper, or the lines that cannot hold together. */
export const POST: RequestHandler = ({ request }) =>
  post(tried, async ({ plan, unmet }) => {
    const problems = [...planProblems(plan)];
    if (problems.length > 0) return invalid(problems);
    const house = readHouse(db());
    const asked = askedOf(plan, { avoid: toAvoid(db(), unmet), house });
    const done = await run('assemble', asked, {
      signal: request.signal
    });
    if (!done.ok) return machineUndone(done.error);
    const { result } = done;
    if (!result.ok) {
      const isMetCause = await metIsCause(asked, plan, request.signal);
      return reply<Reply<'tried'>>(whyUnmet(plan, result.error, isMetCause));
    }
    const { parts, totals } = result;
    return reply<Reply<'tried'>>({
      ok: true,
      parts: shownParts(parts, house.style),
      totals
    });
  })({ request });
