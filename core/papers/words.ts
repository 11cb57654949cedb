import type { Rung } from './paper';

/** What a rung is called on screen and on paper, and what it tells the pupil. */
export const rungWords: Readonly<Record<Rung['kind'], { title: string; note: string }>> = {
  'worked-example': { title: 'Worked example', note: 'Read each step with a partner.' },
  gaps: { title: 'Fill the gaps', note: 'Some figures are missing. Write them in.' },
  'set-out': { title: 'Set out for you', note: 'Work in the squares.' },
  bare: { title: 'On your own', note: 'Set each one out in the squares.' },
  harder: { title: 'Harder', note: 'Take care where the numbers differ in length.' },
  challenge: { title: 'Challenge', note: 'Show all your working.' }
};
