import type { Reply } from '$lib/contract/replies';
import { fail, keeping, reply } from '$lib/server/http/reply';
import { db } from '$lib/server/database/base/connection';
import {
  addScriptPage,
  LARGEST_PAGE,
  listScriptPages,
  type PageType
} from '$lib/server/database/sittings/script-pages';
import { hasScript } from '$lib/server/database/sittings/scripts';
import { idOf } from '$lib/server/http/form-fields';
import { run } from '$lib/server/jobs/pool';
import { pageTypeOf } from '$lib/server/pictures/picture-type';
import { undoneStatus, undoneWords } from '$lib/server/jobs/words';
import type { RequestHandler } from './$types';

/** Adds a page to a script: the body is the file itself. Answers with all pages of the script. */
export const POST: RequestHandler = async ({ params, url, request }) => {
  const scriptId = idOf(url.searchParams.get('script')) ?? 0;
  const isOurs = hasScript(db(), idOf(params.sitting) ?? 0, scriptId);
  if (!isOurs) return fail(404, 'missing', 'There is no such script in this sitting.');
  const tooLarge = () => fail(413, 'too-large', 'A page may have up to 10 MB.');
  if (Number(request.headers.get('content-length') ?? 0) > LARGEST_PAGE) return tooLarge();
  const bytes = Buffer.from(await request.arrayBuffer());
  if (bytes.byteLength > LARGEST_PAGE) return tooLarge();
  const type = await pageTypeOf(bytes);
  if (!type) return fail(415, 'unsupported-type', 'A page is a PNG, a JPEG or a PDF file.');
  const problem = await pageProblem(type, bytes, request.signal);
  if (problem) return problem;
  return keeping(() => {
    addScriptPage(db(), scriptId, type, bytes);
    return reply<Reply<'scriptPages'>>({ pages: listScriptPages(db(), scriptId) });
  });
};

const kinds = { 'image/png': 'png', 'image/jpeg': 'jpeg', 'application/pdf': 'pdf' } as const;

/** The answer to a page that is damaged or has no size that could be shown. */
async function pageProblem(
  type: PageType,
  bytes: Buffer,
  signal: AbortSignal
): Promise<Response | undefined> {
  const read = await run('picture', { type: kinds[type], bytes }, { signal });
  if (!read.ok) {
    const { code } = read.error;
    return fail(undoneStatus(read.error), code, undoneWords[code]);
  }
  return read.result === null
    ? undefined
    : fail(422, 'unreadable', `This page cannot be shown. ${read.result}`);
}
