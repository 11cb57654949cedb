import { only } from '$lib/server/api/methods';
import { reply } from '$lib/server/http/reply';
import { databaseHealth } from '$lib/server/database/base/health';
import { version } from '$lib/server/database/base/version';

/** Whoever started this server may have named it, to tell it from another that answers on the same port. */
const instance = process.env['INSTANCE'];

export const GET = () =>
  reply({ version, database: databaseHealth(), ...(instance !== undefined && { instance }) });
export const fallback = only('GET');
