import { browser } from '$app/environment';
import type { PageLoad } from './$types';

/**
 * The desk marks as one types, so it has the skills of the sheaf at hand, and no others. The registry, which
 * grows with every skill, comes after the page.
 */
export const load: PageLoad = async ({ data }) => {
  const { loadSkills, tellIn } = await import('@zealous-quill/core/catalogue/registry');
  if (browser) {
    const { toldContexts } = await import('$lib/told-contexts');
    await tellIn(toldContexts);
  }
  await loadSkills(data.parts.map(({ item }) => item.skill));
  return data;
};
