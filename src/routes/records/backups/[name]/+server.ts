import { backupPath } from '$lib/server/archive/store';
import { error } from '@sveltejs/kit';
import { createReadStream, statSync } from 'node:fs';
import { Readable } from 'node:stream';
import type { RequestHandler } from './$types';

/** A backup as a file to be kept elsewhere. */
export const GET: RequestHandler = ({ params }) => {
  const path = backupPath(params.name);
  if (!path) error(404, 'There is no such backup.');
  return new Response(Readable.toWeb(createReadStream(path)) as ReadableStream, {
    headers: {
      'content-type': 'application/gzip',
      'content-length': String(statSync(path).size),
      'content-disposition': `attachment; filename="${params.name}"`,
      'cache-control': 'no-store'
    }
  });
};
