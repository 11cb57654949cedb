import { MOST_DIGITS, MOST_PLACES, type FormCode } from '../numbers';
import { ANSWER } from '../working';
import type { Mark } from '../schemes';
import type { Flag } from './mark-item';
import type { Because } from './marks';
import type { SlipKind } from './near-miss';
import type { Attempt } from './response';
import type { Verdict } from './step-reading';

/** Each verdict has a word and a sign of its own, so that none depends on colour. */
export const verdictWords: Readonly<Record<Verdict, { word: string; sign: string }>> = {
  correct: { word: 'right', sign: '●' },
  'follows-through': { word: 'carried on', sign: '↷' },
  slip: { word: 'slip', sign: '✗' },
  blank: { word: 'blank', sign: '○' },
  'not-needed': { word: 'in the head', sign: '·' },
  unreadable: { word: 'cannot be read', sign: '?' }
};

export const attemptWords: Readonly<Record<Attempt, string>> = {
  written: 'written',
  'crossed-out': 'crossed out',
  'another-method': 'another method',
  'not-attempted': 'not attempted'
};

export const becauseWords: Readonly<Record<Because, string>> = {
  right: 'right',
  follows: 'follows from own figures',
  'one-slip': 'one slip, method sound',
  'bare-answer': 'right answer without working',
  'no-working': 'working was asked for',
  'not-shown': 'method not shown',
  pattern: 'an error pattern explains it',
  slips: 'two slips or more',
  wrong: 'wrong value',
  blank: 'left blank',
  form: 'not in the form asked for',
  depends: 'its method mark is lost',
  contradicted: 'right, but the working says otherwise',
  easier: 'own figures took the difficulty away',
  unreadable: 'cannot be read'
};

export const flagWords: Readonly<Record<Flag, string>> = {
  contradicted: 'Right somewhere that the working contradicts: please look.',
  easier: 'The pupil’s own figures made the rest easier than it was.'
};

const askedForms: Readonly<Record<FormCode, string>> = {
  'not-simplified': 'in its simplest form',
  improper: 'as a mixed number',
  'improper-part': 'as a mixed number',
  'not-complete': 'complete',
  places: 'to the places asked for',
  unit: 'with its unit',
  'not-as-given': 'as given',
  'trailing-zeros': 'without zeros at its end',
  'as-fraction': 'with a remainder',
  'as-decimal': 'with a remainder',
  'not-decimal': 'as a decimal'
};

/** What a mark is for, in a few words: `method`, `answer only, complete`, `answer, one slip forgiven`. */
export function markWords({ kind, steps, own, slips, form = [] }: Mark): string {
  if (kind === 'M') return 'method';
  // For a value of its own beside the answer, by the name of its step: the content, the way.
  if (!steps.includes(ANSWER)) return `the ${steps.join(' and ').replaceAll(/[.*\d]+/g, '')}`;
  if (slips !== undefined) return `answer, ${slips === 1 ? 'one slip' : `${slips} slips`} forgiven`;
  const asked = [...new Set(form.map((code) => askedForms[code]))].join(', ');
  const what = own === 'cao' ? 'answer only' : asked ? 'answer' : 'own figures followed';
  return asked ? `${what}, ${asked}` : what;
}

/** What is said of an answer whose form falls short. */
export const formWords: Readonly<Record<FormCode, string>> = {
  'not-simplified': 'not in its simplest form',
  improper: 'not written as a mixed number',
  'improper-part': 'its fraction is 1 or more',
  'not-complete': 'not split into all its factors',
  places: 'not to the places asked for',
  unit: 'without its unit, or in another one',
  'not-as-given': 'not written as given',
  'trailing-zeros': 'zeros stand at its end',
  'as-fraction': 'the remainder as a fraction',
  'as-decimal': 'the remainder as a decimal',
  'not-decimal': 'written as a fraction'
};

export const slipWords: Readonly<Record<SlipKind, string>> = {
  'digits-exchanged': 'two digits exchanged',
  'out-by-one': 'one digit out by one',
  'table-fact': 'a table fact out by one multiple'
};

/** Why something written is not read although it looks like a number: see {@link isTooLong}. */
export const tooLongWords = `too long to be read, at most ${MOST_DIGITS} digits in a row, ${MOST_PLACES} after the point`;
