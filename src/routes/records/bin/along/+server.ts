import type { Reply } from '$lib/contract/replies';
import { fail, reply } from '$lib/server/http/reply';
import { takenAlong } from '$lib/server/database/records/bin';
import { db } from '$lib/server/database/base/connection';
import { idOf } from '$lib/server/http/form-fields';
import type { RequestHandler } from './$types';

const tables: Readonly<Record<string, string>> = { class: 'classes', paper: 'papers' };

/** What would go into the bin with a record: how many rows of each table. */
export const GET: RequestHandler = ({ url }) => {
  const kind = url.searchParams.get('kind') ?? '';
  if (!Object.hasOwn(tables, kind)) return fail(404, 'missing', 'There is no such record.');
  return reply<Reply<'takenAlong'>>(
    takenAlong(db(), tables[kind]!, idOf(url.searchParams.get('id')) ?? 0)
  );
};
