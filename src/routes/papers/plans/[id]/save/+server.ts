import type { Reply } from '$lib/contract/replies';
import { blueprintSchema } from '@zealous-quill/core/exams';
import { fail, invalid, post, reply } from '$lib/server/http/reply';
import { planProblems } from '$lib/server/api/exams';
import { db } from '$lib/server/database/base/connection';
import { savePlan, unmetSchema } from '$lib/server/database/papers/plans';
import { idOf } from '$lib/server/http/form-fields';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z.strictObject({
  version: z.int().min(1),
  name: z.string().trim().min(1).max(120),
  plan: blueprintSchema,
  unmet: unmetSchema.nullable()
});

/** Saves over the version that was read; says so if that is not the newest any more. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(request, ({ version, ...named }) => {
    const problems = [...planProblems(named.plan)];
    if (problems.length > 0) return invalid(problems);
    const saved = savePlan(db(), { id: idOf(params.id) ?? 0, version, ...named });
    if (saved.ok) return reply<Reply<'saved'>>({ version: saved.version });
    if (saved.code === 'missing') return fail(404, 'missing', 'This plan has been removed.');
    const { current } = saved;
    return fail(409, 'changed', 'This plan was saved elsewhere since you opened it.', {
      version: current.version,
      saved: { name: current.name, plan: current.plan, unmet: current.unmet }
    });
  })({ request: sent });
