import { db } from '$lib/server/database/connection';
import { readHouseStyle } from '$lib/server/database/house-style';
import { readPaper } from '$lib/server/database/papers';
import { idOf } from '$lib/server/forms';
import { renderPdf } from '$lib/server/print/compile';
import { printDocument, printKinds, type PrintKind } from '$lib/server/print/document';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The paper, its key or its worked solutions as a PDF file. */
export const GET: RequestHandler = ({ params, url }) => {
  const paper = readPaper(db(), idOf(params.id) ?? 0);
  const kind = (url.searchParams.get('kind') ?? 'paper') as PrintKind;
  if (!paper || !printKinds.includes(kind)) error(404, 'There is no such print.');
  const pdf = renderPdf(printDocument(paper, kind, readHouseStyle(db())));
  const name = `${paper.title.replace(/[^\p{L}\p{N} -]/gu, '').trim() || 'paper'} ${kind}.pdf`;
  return new Response(new Uint8Array(pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename*=UTF-8''${encodeURIComponent(name)}`,
      'cache-control': 'no-store'
    }
  });
};
