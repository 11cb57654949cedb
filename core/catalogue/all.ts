import { OWN_QUESTION } from '../skills/own-question/card';
import { cards, loadedSkills, loadSkills } from './registry';

await loadSkills([...cards.map(({ id }) => id), OWN_QUESTION]);

/** All skills of the catalogue, loaded: for the server and for tests; a page loads only those it shows. */
export const skills = loadedSkills();
