import { mark } from '$lib/server/api/items';
import { only } from '$lib/server/api/methods';

export const POST = mark;
export const fallback = only('POST');
