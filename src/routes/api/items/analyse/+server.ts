import { analyse } from '$lib/server/api/items';
import { only } from '$lib/server/api/methods';

export const POST = analyse;
export const fallback = only('POST');
