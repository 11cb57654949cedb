import { db } from '$lib/server/database/base/connection';
import { idOf } from '$lib/server/http/form-fields';
import { previewOf } from '$lib/server/printing/printing';
import { error } from '@sveltejs/kit';
import { gunzipSync } from 'node:zlib';
import type { RequestHandler } from './$types';

/** A page of the print, from 1, as a picture for the screen. */
export const GET: RequestHandler = async ({ params, url, request }) => {
  const preview = await previewOf(db(), {
    ...{ paperId: idOf(params.id) ?? 0, url, signal: request.signal }
  });
  const page = preview.pages[Number(url.searchParams.get('page') ?? 1) - 1];
  if (!page) error(404, 'There is no such page.');
  const isPacked = /\bgzip\b/.test(request.headers.get('accept-encoding') ?? '');
  return new Response(new Uint8Array(isPacked ? page : gunzipSync(page)), {
    headers: {
      'content-type': 'image/svg+xml',
      ...(isPacked && { 'content-encoding': 'gzip' }),
      vary: 'accept-encoding',
      'cache-control': 'no-store'
    }
  });
};
