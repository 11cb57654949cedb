import { skills } from '@zealous-quill/core/skills';
import { redirect } from '@sveltejs/kit';

export const load = () => redirect(307, `/workshop/${skills[0]!.id}`);
