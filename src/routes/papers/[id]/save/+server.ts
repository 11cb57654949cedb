import type { Reply } from '$lib/contract/replies';
import { paperSchema } from '@zealous-quill/core/papers';
import { db } from '$lib/server/database/base/connection';
import { readPaper, savePaper } from '$lib/server/database/papers/papers';
import { idOf } from '$lib/server/http/form-fields';
import { fail, invalid, post, reply } from '$lib/server/http/reply';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z.strictObject({ version: z.int().min(1), paper: paperSchema });

const messages = {
  changed: 'This paper was saved elsewhere since you opened it.',
  sat: 'A paper that has been sat stays as it was; make a new edition.',
  missing: 'This paper has been removed.'
} as const;

/** Saves over the version that was read; says so if that is not the newest any more. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(request, ({ version, paper }) => {
    const result = savePaper(db(), idOf(params.id) ?? 0, version, paper);
    if (result.ok) return reply<Reply<'saved'>>({ version: result.version });
    switch (result.code) {
      case 'unreadable':
        return invalid(
          result.problems.map(({ path, message }) => ({
            field: ['paper', ...path].join('.'),
            problem: message
          }))
        );
      case 'changed':
        return fail(409, result.code, messages.changed, current(idOf(params.id) ?? 0));
      case 'sat':
      case 'missing':
        return fail(result.code === 'missing' ? 404 : 409, result.code, messages[result.code]);
    }
  })({ request: sent });

/** What stands there instead, for the one who would have written over it. */
function current(id: number): Record<string, unknown> {
  const stored = readPaper(db(), id);
  if (!stored) return {};
  const { version, title, seed, ramp, rungs } = stored;
  return { version, paper: { title, seed, ramp, rungs } };
}
