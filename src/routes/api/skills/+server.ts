import { listSkills } from '$lib/server/api/items';
import { only } from '$lib/server/api/methods';

export const GET = listSkills;
export const fallback = only('GET');
