import type { Undone } from './pool';

/** What is said to a person whose task was not done. */
export const undoneWords: Readonly<Record<Undone['code'], string>> = {
  left: 'This was stopped.',
  'too-hard': 'This takes too long to work out. Leave out a control, and try again.',
  busy: 'Too much is being worked out just now. Try again in a moment.'
};
