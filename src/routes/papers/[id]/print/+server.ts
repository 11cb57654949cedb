import { fileName } from '@zealous-quill/core/exchange';
import { db } from '$lib/server/database/base/connection';
import { idOf } from '$lib/server/http/form-fields';
import { pdfReply } from '$lib/server/print/pdf-reply';
import { pdfOf, printAsked } from '$lib/server/printing/printing';
import type { RequestHandler } from './$types';

/** The paper, its key or its worked solutions as a PDF file. */
export const GET: RequestHandler = async ({ params, url, request: { signal } }) => {
  const asked = printAsked(db(), { paperId: idOf(params.id) ?? 0, url });
  const pdf = await pdfOf(asked, signal);
  const { title } = 'exam' in asked ? asked.exam : asked.paper;
  return pdfReply(pdf, `${fileName([title]) || 'paper'} ${asked.kind}`);
};
