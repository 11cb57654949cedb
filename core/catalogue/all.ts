import { OWN_QUESTION } from '../skills/own-question/card';
import { contexts } from '../skills/problems/word-problem';
import { cards, loadedSkills, loadSkills } from './registry';

await loadSkills([...cards.map(({ id }) => id), OWN_QUESTION]);

/** The skills of the catalogue as they are now: one may be made anew, as problems are when a context is added. */
export { loadedSkills };

export { contextProblems, contextShape } from '../skills/problems/word-problem';

export { contexts as builtInContexts };

/** All skills of the catalogue as they were loaded: for tests; a page loads only those it shows. */
export const skills = loadedSkills();
