import { describeApi } from '$lib/server/api/openapi';
import { only } from '$lib/server/api/methods';
import { reply } from '$lib/server/http/reply';

export const GET = () => reply(describeApi());
export const fallback = only('GET');
