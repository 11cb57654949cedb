import type { HouseStyle } from '../house-style';
import type { Scheme } from '../marking/scheme';

/** How the answer is to be written, as the prompt says it; a whole number, or one below 1, is none. */
export function simplestForm({ fractionAnswers }: HouseStyle, isMixed: boolean): string {
  return fractionAnswers === 'mixed' && isMixed
    ? 'as a mixed number in its simplest form'
    : 'in its simplest form';
}

/** The scheme, which lets an improper fraction in lowest terms pass where the house does. */
export function allowingImproper(scheme: Scheme, { fractionAnswers }: HouseStyle): Scheme {
  return fractionAnswers === 'either' ? { ...scheme, allows: ['improper'] } : scheme;
}
