import { fileName } from '@zealous-quill/core/exchange';
import { db } from '$lib/server/database/connection';
import { idOf } from '$lib/server/forms';
import { run } from '$lib/server/jobs/pool';
import { pdfReply } from '$lib/server/print/pdf-reply';
import { printAsked, unprinted } from '$lib/server/print/printing';
import type { RequestHandler } from './$types';

/** The paper, its key or its worked solutions as a PDF file. */
export const GET: RequestHandler = async ({ params, url, request: { signal } }) => {
  const asked = printAsked(db(), { paperId: idOf(params.id) ?? 0, url });
  const done = await run('print', asked, { signal });
  if (!done.ok) unprinted(done.error);
  const { title } = 'exam' in asked ? asked.exam : asked.paper;
  return pdfReply(done.result, `${fileName([title]) || 'paper'} ${asked.kind}`);
};
