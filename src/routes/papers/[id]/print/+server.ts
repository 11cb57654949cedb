import { db } from '$lib/server/database/connection';
import { idOf } from '$lib/server/forms';
import { renderPdf } from '$lib/server/print/compile';
import { printKinds, type PrintKind } from '$lib/server/print/document';
import { printOf } from '$lib/server/print/print-of';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The paper, its key or its worked solutions as a PDF file. */
export const GET: RequestHandler = ({ params, url }) => {
  const kind = (url.searchParams.get('kind') ?? 'paper') as PrintKind;
  const document = printKinds.includes(kind) && printOf(db(), idOf(params.id) ?? 0, kind);
  if (!document) error(404, 'There is no such print.');
  const pdf = renderPdf(document);
  const name = `${document.title.replace(/[^\p{L}\p{N} -]/gu, '').trim() || 'paper'} ${kind}.pdf`;
  return new Response(new Uint8Array(pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename*=UTF-8''${encodeURIComponent(name)}`,
      'cache-control': 'no-store'
    }
  });
};
