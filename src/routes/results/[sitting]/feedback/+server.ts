import { fileName } from '@zealous-quill/core/exchange';
import { db } from '$lib/server/database/connection';
import { styleOf } from '$lib/server/database/papers';
import { readResults } from '$lib/server/database/results';
import { readSitting } from '$lib/server/database/sittings';
import { idOf } from '$lib/server/forms';
import { renderFeedback } from '$lib/server/print/compile';
import { feedbackDocument } from '$lib/server/print/feedback';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The slips that go back to the pupils, to be printed and cut apart. */
export const GET: RequestHandler = ({ params }) => {
  const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
  if (!sitting) error(404, 'There is no such sitting.');
  const results = readResults(db(), sitting.id, sitting.paperId);
  const pdf = renderFeedback(feedbackDocument(sitting, results, styleOf(db(), sitting.paperId)));
  const name = fileName([sitting.className, sitting.title, sitting.satOn, 'feedback']);
  return new Response(new Uint8Array(pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename*=UTF-8''${encodeURIComponent(`${name}.pdf`)}`,
      'cache-control': 'no-store'
    }
  });
};
