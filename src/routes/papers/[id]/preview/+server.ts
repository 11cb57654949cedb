import { db } from '$lib/server/database/connection';
import { idOf } from '$lib/server/forms';
import { printKinds, type PrintKind } from '$lib/server/print/document';
import { previewOf } from '$lib/server/print/preview';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A page of the print, from 1, as a picture for the screen. */
export const GET: RequestHandler = ({ params, url }) => {
  const kind = (url.searchParams.get('kind') ?? 'paper') as PrintKind;
  const preview = printKinds.includes(kind) && previewOf(db(), idOf(params.id) ?? 0, kind);
  const svg = preview && preview.pages[Number(url.searchParams.get('page') ?? 1) - 1];
  if (!svg) error(404, 'There is no such page.');
  return new Response(svg, {
    headers: { 'content-type': 'image/svg+xml', 'cache-control': 'no-store' }
  });
};
