import { makeForms } from '$lib/server/api/exams';
import { only } from '$lib/server/api/methods';

export const POST = makeForms;
export const fallback = only('POST');
