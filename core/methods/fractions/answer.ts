import type { HouseStyle } from '../../house-style';
import { type Scheme, accuracy, independent, method, schemeOf } from '../../schemes';
import { mixedForms } from '../../numbers';
import { ANSWER } from '../../working';
import { areUnlike, type TwoMixed } from './pairs';

/** How the answer is to be written, as the prompt says it; a whole number, or one below 1, is none. */
export function simplestForm({ fractionAnswers }: HouseStyle, isMixed: boolean): string {
  return fractionAnswers === 'mixed' && isMixed
    ? 'as a mixed number in its simplest form'
    : 'in its simplest form';
}

/**
 * A mark for the common denominator where there are two, one for the working, one for the value, and one for the
 * simplest form where something cancels. An improper fraction in lowest terms passes where the house lets it.
 */
export function mixedScheme(
  { numbers: [one, other], simplifies }: TwoMixed,
  steps: readonly string[],
  { fractionAnswers }: HouseStyle
): Scheme {
  const scheme = schemeOf(
    ...(areUnlike(one, other) ? [method('common.*')] : []),
    method(...steps),
    accuracy(),
    ...(simplifies ? [independent(ANSWER, { own: 'ft', form: [...mixedForms] })] : [])
  );
  return fractionAnswers === 'either' ? { ...scheme, allows: ['improper'] } : scheme;
}
