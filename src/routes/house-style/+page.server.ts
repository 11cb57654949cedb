import { houseStyleConflict, houseStyleSchema } from '@zealous-quill/core/house-style';
import { db } from '$lib/server/database/connection';
import { readHouseStyle, saveHouseStyle } from '$lib/server/database/house-style';
import { fail } from '@sveltejs/kit';
import type { Actions } from './$types';

export const actions: Actions = {
  default: async ({ request }) => {
    const form = await request.formData();
    const chosen = Object.fromEntries(
      [...form].map(([name, value]) => [name, readValue(String(value))])
    );
    const parsed = houseStyleSchema.safeParse({ ...readHouseStyle(db()), ...chosen });
    if (!parsed.success) return fail(400, { problem: 'This choice is not one of those offered.' });
    if (houseStyleConflict(parsed.data)) {
      return fail(400, { problem: 'Commas cannot group digits beside a decimal comma.' });
    }
    saveHouseStyle(db(), parsed.data);
    return { saved: true };
  }
};

function readValue(text: string): string | number | boolean {
  if (text === 'true' || text === 'false') return text === 'true';
  return /^\d+$/.test(text) ? Number(text) : text;
}
