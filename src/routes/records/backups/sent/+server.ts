import type { Reply } from '$lib/contract/replies';
import { fail, reply } from '$lib/server/http/reply';
import { receive } from '$lib/server/backup/received';
import { storageProblem } from '$lib/server/database/base/storage-problem';
import type { RequestHandler } from './$types';

const FULL = 'There is no room left on the disk for this backup. It was not restored.';

/** A piece of the file of a backup: `file` is the word it is known by, empty for the first; `at` is where it begins. */
export const POST: RequestHandler = async ({ url, request }) => {
  const at = Number(url.searchParams.get('at') ?? 0);
  if (!Number.isSafeInteger(at) || at < 0)
    return fail(400, 'invalid', 'This piece begins nowhere.');
  const piece = new Uint8Array(await request.arrayBuffer());
  try {
    const done = receive(url.searchParams.get('file') ?? '', at, piece);
    if (done.ok) return reply<Reply<'pieceTaken'>>({ file: done.file, bytes: done.bytes });
    switch (done.code) {
      case 'full':
        return fail(507, 'full', FULL);
      case 'order':
        return fail(409, 'order', 'Another piece of this file is wanted.', { bytes: done.bytes });
      case 'missing':
        return fail(404, 'missing', 'The server was started anew. Send the file again.');
    }
  } catch (error) {
    const isFull = /ENOSPC/.test(String(error)) || storageProblem(error)?.code === 'full';
    if (isFull) return fail(507, 'full', FULL);
    throw error;
  }
};
