import type { Reply } from '$lib/contract/replies';
import { fail, post, reply } from '$lib/server/http/reply';
import { db } from '$lib/server/database/base/connection';
import {
  changeScriptPage,
  listScriptPages,
  readScriptPage,
  removeScriptPage,
  turns
} from '$lib/server/database/sittings/script-pages';
import { hasScript } from '$lib/server/database/sittings/scripts';
import { idOf } from '$lib/server/http/form-fields';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const change = z.strictObject({
  turn: z.literal(turns).optional(),
  position: z.int().min(0).max(1000).optional()
});

const missing = () => fail(404, 'missing', 'There is no such page in this sitting.');

/** A page of a script of this sitting, as it was uploaded. */
export const GET: RequestHandler = ({ params }) => {
  const page = pageOf(params);
  if (!page) return missing();
  return new Response(new Uint8Array(page.bytes), {
    headers: { 'content-type': page.mediaType, 'cache-control': 'private, max-age=3600' }
  });
};

/** Turns a page or moves it among those of its script; answers with all of them. */
export const POST: RequestHandler = ({ params, request }) =>
  post(change, (asked) => {
    const page = pageOf(params);
    if (!page) return missing();
    changeScriptPage(db(), page, asked);
    return reply<Reply<'scriptPages'>>({ pages: listScriptPages(db(), page.scriptId) });
  })({ request });

export const DELETE: RequestHandler = ({ params }) => {
  const page = pageOf(params);
  if (!page) return missing();
  removeScriptPage(db(), page);
  return reply<Reply<'scriptPages'>>({ pages: listScriptPages(db(), page.scriptId) });
};

function pageOf(params: { sitting: string; page: string }) {
  const page = readScriptPage(db(), idOf(params.page) ?? 0);
  return page && hasScript(db(), idOf(params.sitting) ?? 0, page.scriptId) ? page : undefined;
}
