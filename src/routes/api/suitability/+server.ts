import { findSuitability } from '$lib/server/api/items';
import { only } from '$lib/server/api/methods';

export const POST = findSuitability;
export const fallback = only('POST');
