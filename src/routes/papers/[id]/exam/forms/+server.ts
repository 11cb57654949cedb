import { fail, post, reply } from '$lib/server/api/reply';
import { db } from '$lib/server/database/connection';
import { drawForms, formsAsk } from '$lib/server/exam-forms';
import { idOf } from '$lib/server/forms';
import type { RequestHandler } from './$types';

const messages = {
  missing: 'This exam has been removed.',
  sat: 'An exam that has been sat keeps its forms; make a new edition.',
  'no-pupils': 'This class has no pupils yet.',
  'too-hard': 'These forms take too long to draw. Draw fewer, or loosen a part.',
  busy: 'Too much is being worked out just now. Try again in a moment.'
} as const;

/** Draws forms of an exam, in the place of those of their kind. */
export const POST: RequestHandler = ({ params, request }) =>
  post(formsAsk, async (ask) => {
    const drawn = await drawForms(db(), idOf(params.id) ?? 0, ask, request.signal);
    return drawn.ok ? reply({ ok: true }) : fail(422, drawn.code, messages[drawn.code]);
  })({ request });
