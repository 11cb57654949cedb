import { cards, loadedSkills, loadSkills } from '../registry';

await loadSkills(cards.map(({ id }) => id));

/** All skills, loaded: for the server and for tests; a page loads only those it shows. */
export const skills = loadedSkills();
