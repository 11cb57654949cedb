import { db } from '$lib/server/database/base/connection';
import { readPictures } from '$lib/server/database/papers/pictures';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A picture of a question. Whatever an SVG holds, nothing of it is run or fetched. */
export const GET: RequestHandler = ({ params: { name } }) => {
  const bytes = readPictures(db(), [name])[name];
  if (!bytes) error(404, 'There is no such picture.');
  return new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': name.endsWith('.svg') ? 'image/svg+xml' : 'image/png',
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; sandbox",
      'cache-control': 'private, max-age=31536000, immutable'
    }
  });
};
