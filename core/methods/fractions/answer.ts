import type { HouseStyle } from '../../house-style';
import { type Scheme, accuracy, independent, method, schemeOf } from '../../schemes';
import { mixedForms } from '../../numbers';
import { ANSWER } from '../../working';
import { areUnlike, type TwoMixed } from './pairs';

/** What is asked of a calculation with fractions, with how the answer is to be written where the house says it. */
export function fractionPrompt(
  line: string,
  { fractionAnswers, simplestForm }: HouseStyle,
  isMixed: boolean
): string {
  // A whole number, or one below 1, is no mixed number.
  const kind = fractionAnswers === 'mixed' && isMixed ? ' as a mixed number' : '';
  const form = simplestForm === 'asked' ? ' in its simplest form' : '';
  return `Work out ${line}${kind}${form}.`;
}

/**
 * A mark for the common denominator where there are two, one for the working, one for the value, and one for the
 * simplest form where something cancels and it is asked for. An improper fraction passes where the house lets it.
 */
export function mixedScheme(
  { numbers: [one, other], simplifies }: TwoMixed,
  steps: readonly string[],
  { fractionAnswers, simplestForm }: HouseStyle
): Scheme {
  const isAsked = simplestForm === 'asked';
  const scheme = schemeOf(
    ...(areUnlike(one, other) ? [method('common.*')] : []),
    method(...steps),
    accuracy(),
    ...(simplifies && isAsked ? [independent(ANSWER, { own: 'ft', form: [...mixedForms] })] : [])
  );
  const allows = [
    ...(fractionAnswers === 'either' ? (['improper'] as const) : []),
    ...(isAsked ? [] : (['not-simplified'] as const))
  ];
  return allows.length > 0 ? { ...scheme, allows } : scheme;
}
