import { fail, reply } from '$lib/server/api/reply';
import { db } from '$lib/server/database/connection';
import {
  addScriptPage,
  LARGEST_PAGE,
  listScriptPages,
  pageTypeOf
} from '$lib/server/database/script-pages';
import { listScripts } from '$lib/server/database/sittings';
import { idOf } from '$lib/server/forms';
import type { RequestHandler } from './$types';

/** Adds a page to a script: the body is the file itself. Answers with all pages of the script. */
export const POST: RequestHandler = async ({ params, url, request }) => {
  const scriptId = idOf(url.searchParams.get('script')) ?? 0;
  const isOurs = listScripts(db(), idOf(params.sitting) ?? 0).some(({ id }) => id === scriptId);
  if (!isOurs) return fail(404, 'missing', 'There is no such script in this sitting.');
  const tooLarge = () => fail(413, 'too-large', 'A page may have up to 10 MB.');
  if (Number(request.headers.get('content-length') ?? 0) > LARGEST_PAGE) return tooLarge();
  const bytes = Buffer.from(await request.arrayBuffer());
  if (bytes.byteLength > LARGEST_PAGE) return tooLarge();
  const type = pageTypeOf(bytes);
  if (!type) return fail(415, 'unsupported-type', 'A page is a PNG, a JPEG or a PDF file.');
  addScriptPage(db(), scriptId, type, bytes);
  return reply({ pages: listScriptPages(db(), scriptId) });
};
