import type { Reply } from '$lib/contract/replies';
import { db } from '$lib/server/database/base/connection';
import { readOwnContexts } from '$lib/server/database/papers/contexts';
import { reply } from '$lib/server/http/reply';
import type { RequestHandler } from './$types';

/** The contexts in which pages tell problems beside those that come with the skill. */
export const GET: RequestHandler = () => reply<Reply<'contexts'>>(readOwnContexts(db()));
