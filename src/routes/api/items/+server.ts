import { makeItems } from '$lib/server/api/items';
import { only } from '$lib/server/api/methods';

export const POST = makeItems;
export const fallback = only('POST');
