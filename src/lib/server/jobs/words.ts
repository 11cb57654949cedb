import type { Undone } from './undone';

/** What is said to a person whose task was not done. */
export const undoneWords: Readonly<Record<Undone['code'], string>> = {
  left: 'This was stopped.',
  'too-hard': 'This asks for more than can be worked out. Ask for less at once, and try again.',
  slow: 'This machine is too slow for it just now. Try again when it is less busy.',
  crashed: 'The program that sets pages broke off over this: something in it cannot be printed.',
  busy: 'Too much is being worked out just now. Try again in a moment.'
};

/** The status of a reply to it: the request is at fault, or the machine. */
export const undoneStatus = ({ code }: Undone): 422 | 503 =>
  code === 'slow' || code === 'busy' ? 503 : 422;
