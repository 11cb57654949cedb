import { fileName } from '@zealous-quill/core/exchange';
import { db } from '$lib/server/database/base/connection';
import { styleOf } from '$lib/server/database/papers/papers';
import { readResults } from '$lib/server/database/marking/results';
import { readBoundaries } from '$lib/server/database/sittings/boundaries';
import { readSitting } from '$lib/server/database/sittings/sittings';
import { idOf } from '$lib/server/http/form-fields';
import { run } from '$lib/server/jobs/pool';
import { feedbackDocument } from '$lib/server/print/feedback';
import { pdfReply } from '$lib/server/print/pdf-reply';
import { unprinted } from '$lib/server/printing/printing';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The slips that go back to the pupils, to be printed and cut apart. */
export const GET: RequestHandler = async ({ params, request: { signal } }) => {
  const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
  if (!sitting) error(404, 'There is no such sitting.');
  const results = readResults(db(), sitting.id, sitting.paperId);
  const document = feedbackDocument(sitting, results, {
    style: styleOf(db(), sitting.paperId),
    boundaries: readBoundaries(db(), sitting.id)
  });
  const done = await run('feedback', document, { signal });
  if (!done.ok) unprinted(done.error);
  const name = fileName([sitting.className, sitting.title, sitting.satOn, 'feedback']);
  return pdfReply(done.result, name);
};
