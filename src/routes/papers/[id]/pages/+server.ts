import { db } from '$lib/server/database/connection';
import { idOf } from '$lib/server/forms';
import { printKinds, type PrintKind } from '$lib/server/print/document';
import { previewOf } from '$lib/server/print/preview';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** How many pages a print has, and where its sections begin, for a preview that follows what is edited. */
export const GET: RequestHandler = ({ params, url }) => {
  const kind = (url.searchParams.get('kind') ?? 'paper') as PrintKind;
  const preview = printKinds.includes(kind) && previewOf(db(), idOf(params.id) ?? 0, kind);
  if (!preview) error(404, 'There is no such print.');
  const { pages, sections } = preview;
  const [, width, height] = /viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(pages[0] ?? '') ?? [];
  const size = { width: Number(width), height: Number(height) };
  return json(
    { count: pages.length, size, sections },
    { headers: { 'cache-control': 'no-store' } }
  );
};
