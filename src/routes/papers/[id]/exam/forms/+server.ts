import type { Reply } from '$lib/contract/replies';
import { fail, post, reply } from '$lib/server/http/reply';
import { db } from '$lib/server/database/base/connection';
import { drawForms, failedWords, formsAsk } from '$lib/server/exams/draw-forms';
import { idOf } from '$lib/server/http/form-fields';
import type { RequestHandler } from './$types';

/** Draws forms of an exam, in the place of those of their kind. */
export const POST: RequestHandler = ({ params, request }) =>
  post(formsAsk, async (ask) => {
    const drawn = await drawForms(db(), idOf(params.id) ?? 0, ask, request.signal);
    return drawn.ok
      ? reply<Reply<'done'>>({ ok: true })
      : fail(
          drawn.code === 'slow' || drawn.code === 'busy' ? 503 : 422,
          drawn.code,
          failedWords[drawn.code]
        );
  })({ request });
