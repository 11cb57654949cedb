import type { Reply } from '$lib/contract/replies';
import { db } from '$lib/server/database/base/connection';
import { idOf } from '$lib/server/http/form-fields';
import { previewOf } from '$lib/server/printing/printing';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** How many pages a print has, and where its sections begin, for a preview that follows what is edited. */
export const GET: RequestHandler = async ({ params, url, request: { signal } }) => {
  const preview = await previewOf(db(), { paperId: idOf(params.id) ?? 0, url, signal });
  const { pages, size, sections } = preview;
  return json({ count: pages.length, size, sections } satisfies Reply<'pages'>, {
    headers: { 'cache-control': 'no-store' }
  });
};
