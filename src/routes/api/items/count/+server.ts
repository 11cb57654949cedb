import { countItems } from '$lib/server/api/items';
import { only } from '$lib/server/api/methods';

export const POST = countItems;
export const fallback = only('POST');
