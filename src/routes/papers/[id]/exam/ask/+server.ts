import { fail, post, reply } from '$lib/server/http/reply';
import { db } from '$lib/server/database/base/connection';
import { answerExam, examAsk } from '$lib/server/exams/answer-editor';
import { idOf } from '$lib/server/http/form-fields';
import type { RequestHandler } from './$types';

/** What an exam's editor asks while it is edited: facts, other items, a typed one, a new part. */
export const POST: RequestHandler = ({ params, request }) =>
  post(examAsk, async (ask) => {
    const answer = await answerExam(db(), idOf(params.id) ?? 0, ask, request.signal);
    return answer.ok ? reply(answer) : fail(422, 'none', answer.message);
  })({ request });
