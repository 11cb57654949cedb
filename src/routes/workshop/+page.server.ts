import { cards } from '@zealous-quill/core/catalogue';
import { redirect } from '@sveltejs/kit';

export const load = () => redirect(307, `/workshop/${cards[0]!.id}`);
