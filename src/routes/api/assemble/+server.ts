import { assembleExam } from '$lib/server/api/exams';
import { only } from '$lib/server/api/methods';

export const POST = assembleExam;
export const fallback = only('POST');
