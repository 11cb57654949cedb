import { loadSkills } from '@zealous-quill/core/skills';
import type { PageLoad } from './$types';

/** The desk marks as one types, so it has the skills of the sheaf at hand, and no others. */
export const load: PageLoad = async ({ data }) => {
  const shown =
    data.by === 'script' ? data.items : data.items.filter(({ id }) => id === data.itemId);
  await loadSkills(shown.map(({ item }) => item.skill));
  return data;
};
