import { db } from '$lib/server/database/connection';
import { readScriptPage } from '$lib/server/database/script-pages';
import { listScripts } from '$lib/server/database/sittings';
import { idOf } from '$lib/server/forms';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A page of a script of this sitting, as it was uploaded. */
export const GET: RequestHandler = ({ params }) => {
  const page = readScriptPage(db(), idOf(params.page) ?? 0);
  const scripts = listScripts(db(), idOf(params.sitting) ?? 0);
  if (!page || !scripts.some(({ id }) => id === page.scriptId))
    error(404, 'There is no such page.');
  return new Response(new Uint8Array(page.bytes), {
    headers: { 'content-type': page.mediaType, 'cache-control': 'private, max-age=3600' }
  });
};
