import { db } from '$lib/server/database/connection';
import { readHouseStyle } from '$lib/server/database/house-style';
import { readPaper } from '$lib/server/database/papers';
import { idOf } from '$lib/server/forms';
import { renderSvg } from '$lib/server/print/compile';
import { printDocument, printKinds, type PrintKind } from '$lib/server/print/document';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The same document as the print, as a picture for the screen. */
export const GET: RequestHandler = ({ params, url }) => {
  const paper = readPaper(db(), idOf(params.id) ?? 0);
  const kind = (url.searchParams.get('kind') ?? 'paper') as PrintKind;
  if (!paper || !printKinds.includes(kind)) error(404, 'There is no such print.');
  const svg = renderSvg(printDocument(paper, kind, readHouseStyle(db())));
  return new Response(svg, {
    headers: { 'content-type': 'image/svg+xml', 'cache-control': 'no-store' }
  });
};
