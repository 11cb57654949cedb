import type { StoredForm } from './forms';

/** Who gets which form: form A everyone, in turns through the list or from class to class, or each pupil's own. */
export const dealings = ['first', 'turns', 'classes', 'own'] as const;
export type Dealing = (typeof dealings)[number];

/** The form that a pupil gets: their own, or one with a letter in turns through the list, by class, or the first. */
export function formFor(
  forms: readonly StoredForm[],
  dealing: Dealing,
  { pupil, at, classAt }: { readonly pupil: number; readonly at: number; readonly classAt: number }
): StoredForm {
  const letters = forms.filter(({ kind }) => kind === 'letter');
  switch (dealing) {
    case 'own':
      return forms.find(({ pupilId }) => pupilId === pupil) ?? letters[0]!;
    case 'turns':
      return letters[at % letters.length]!;
    case 'classes':
      return letters[classAt % letters.length]!;
    case 'first':
      return letters[0]!;
  }
}
