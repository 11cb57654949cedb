import { only } from '$lib/server/api/methods';
import { reply } from '$lib/server/api/reply';
import { isDatabaseReady } from '$lib/server/database/health';
import { version } from '$lib/server/version';

export const GET = () => reply({ version, database: isDatabaseReady() ? 'ready' : 'unavailable' });
export const fallback = only('GET');
