import { only } from '$lib/server/api/methods';
import { reply } from '$lib/server/api/reply';
import { databaseHealth } from '$lib/server/database/health';
import { version } from '$lib/server/version';

export const GET = () => reply({ version, database: databaseHealth() });
export const fallback = only('GET');
