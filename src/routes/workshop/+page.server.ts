import { cards } from '@zealous-quill/core/skills';
import { redirect } from '@sveltejs/kit';

export const load = () => redirect(307, `/workshop/${cards[0]!.id}`);
