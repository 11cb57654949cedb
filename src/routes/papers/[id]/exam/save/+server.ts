import type { Reply } from '$lib/contract/replies';
import { examSchema } from '@zealous-quill/core/exams';
import { db } from '$lib/server/database/base/connection';
import { readExam, saveExam } from '$lib/server/database/exams/exams';
import { idOf } from '$lib/server/http/form-fields';
import { fail, invalid, post, reply } from '$lib/server/http/reply';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z.strictObject({ version: z.int().min(1), exam: examSchema });

const messages = {
  changed: 'This exam was saved elsewhere since you opened it.',
  sat: 'An exam that has been sat stays as it was; make a new edition.',
  missing: 'This exam has been removed.'
} as const;

/** Saves over the version that was read; says so if that is not the newest any more. */
export const POST: RequestHandler = ({ params, request: sent }) =>
  post(request, ({ version, exam }) => {
    const id = idOf(params.id) ?? 0;
    const result = saveExam(db(), id, version, exam);
    if (result.ok) return reply<Reply<'saved'>>({ version: result.version });
    switch (result.code) {
      case 'unreadable':
        return invalid(
          result.problems.map(({ path, message }) => ({
            field: ['exam', ...path].join('.'),
            problem: message
          }))
        );
      case 'changed': {
        const stored = readExam(db(), id);
        const current = stored ? { version: stored.version, exam: stored.exam } : {};
        return fail(409, result.code, messages.changed, current);
      }
      case 'sat':
      case 'missing':
        return fail(result.code === 'missing' ? 404 : 409, result.code, messages[result.code]);
    }
  })({ request: sent });
