import type { Reply } from '$lib/contract/replies';
import { db } from '$lib/server/database/base/connection';
import { keepPicture, pictureName } from '$lib/server/database/papers/pictures';
import { run } from '$lib/server/jobs/pool';
import { undoneStatus, undoneWords } from '$lib/server/jobs/words';
import { pictureType } from '$lib/server/pictures/picture-type';
import { fail, keeping, reply } from '$lib/server/http/reply';
import type { RequestHandler } from './$types';

const MOST_BYTES = 1_000_000;

/** Keeps a picture of a question, PNG or SVG, that can be printed, and says what it is called from now on. */
export const POST: RequestHandler = async ({ request }) => {
  const bytes = Buffer.from(await request.arrayBuffer());
  if (bytes.length > MOST_BYTES) {
    return fail(413, 'too-large', 'A picture may have at most a megabyte.');
  }
  const type = await pictureType(bytes);
  if (!type) return fail(415, 'unsupported-type', 'A picture is a PNG or SVG file.');
  const { signal } = request;
  const name = pictureName(bytes, type);
  const read = await run('picture', { type, bytes }, { signal });
  // Where pages are set it is drawn once: only what can be printed is kept.
  const drawn =
    read.ok && read.result === null ? await run('drawing', { name, bytes }, { signal }) : read;
  if (!drawn.ok && drawn.error.code !== 'crashed') {
    const { code } = drawn.error;
    return fail(undoneStatus(drawn.error), code, undoneWords[code]);
  }
  const problem = drawn.ok ? drawn.result : 'It cannot be drawn on a page.';
  if (problem !== null) {
    return fail(422, 'unprintable', `This picture cannot be printed. ${problem}`);
  }
  return keeping(() => reply<Reply<'pictureKept'>>({ name: keepPicture(db(), bytes, name) }));
};
