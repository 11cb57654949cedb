import { db } from '$lib/server/database/connection';
import { idOf } from '$lib/server/forms';
import { renderSvg } from '$lib/server/print/compile';
import { printKinds, type PrintKind } from '$lib/server/print/document';
import { printOf } from '$lib/server/print/print-of';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The same document as the print, as a picture for the screen. */
export const GET: RequestHandler = ({ params, url }) => {
  const kind = (url.searchParams.get('kind') ?? 'paper') as PrintKind;
  const document = printKinds.includes(kind) && printOf(db(), idOf(params.id) ?? 0, kind);
  if (!document) error(404, 'There is no such print.');
  const svg = renderSvg(document);
  return new Response(svg, {
    headers: { 'content-type': 'image/svg+xml', 'cache-control': 'no-store' }
  });
};
