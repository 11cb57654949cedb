import { db } from '$lib/server/database/connection';
import { keepPicture } from '$lib/server/database/pictures';
import { pictureType } from '$lib/server/picture-type';
import { fail, reply } from '$lib/server/api/reply';
import type { RequestHandler } from './$types';

const MOST_BYTES = 1_000_000;

/** Keeps a picture of a question, PNG or SVG, and says what it is called from now on. */
export const POST: RequestHandler = async ({ request }) => {
  const bytes = Buffer.from(await request.arrayBuffer());
  if (bytes.length > MOST_BYTES) {
    return fail(413, 'too-large', 'A picture may have at most a megabyte.');
  }
  const type = pictureType(bytes);
  if (!type) return fail(415, 'unsupported-type', 'A picture is a PNG or SVG file.');
  return reply({ name: keepPicture(db(), bytes, type) });
};
