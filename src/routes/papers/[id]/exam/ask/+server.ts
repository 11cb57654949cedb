import { fail, post, reply } from '$lib/server/api/reply';
import { db } from '$lib/server/database/connection';
import { answerExam, examAsk } from '$lib/server/exam-parts';
import type { RequestHandler } from './$types';

/** What an exam's editor asks while it is edited: facts, other items, a typed one, a new part. */
export const POST: RequestHandler = ({ request }) =>
  post(examAsk, async (ask) => {
    const answer = await answerExam(db(), ask, request.signal);
    return answer.ok ? reply(answer) : fail(422, 'none', answer.message);
  })({ request });
