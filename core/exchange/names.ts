/** A pupil's name, whole as it is read out, and the part it is sorted by where that is known. */
export interface PupilName {
  readonly name: string;
  readonly surname: string | null;
}

/** A name as it was typed: `Oona Fell`, or `Fell, Oona`, which says what the surname is. */
export function readName(typed: string): PupilName {
  const [first = '', ...rest] = typed.split(',').map(tidy);
  const forename = rest.join(' ').trim();
  return rest.length > 0 && first !== '' && forename !== ''
    ? nameOf(first, forename)
    : { name: tidy(typed.replaceAll(',', ' ')), surname: null };
}

/** A name of two parts; one alone is the whole name. */
export function nameOf(surname: string, forename: string): PupilName {
  const [last, first] = [tidy(surname), tidy(forename)];
  if (last === '' || first === '') return { name: last || first, surname: null };
  return { name: `${first} ${last}`, surname: last };
}

const alphabet = new Intl.Collator('en', { sensitivity: 'base' });

/**
 * The order of a register: by surname, and by the whole name where surnames are alike. Where nobody has said what the
 * surname is, it is taken to be the last word of the name.
 */
export function byRegister(one: PupilName, other: PupilName): number {
  const key = ({ name, surname }: PupilName) => `${surname ?? lastWord(name)} ${name}`;
  return alphabet.compare(key(one), key(other));
}

const lastWord = (name: string) => name.slice(name.lastIndexOf(' ') + 1);

/** The names with a number after those that stand more than once, `Oona Fell (2)`, in the order given. */
export function toldApart<T extends { readonly name: string }>(pupils: readonly T[]): T[] {
  const counts = new Map<string, number>();
  for (const { name } of pupils) counts.set(name, (counts.get(name) ?? 0) + 1);
  const met = new Map<string, number>();
  return pupils.map((pupil) => {
    if (counts.get(pupil.name) === 1) return pupil;
    const at = (met.get(pupil.name) ?? 0) + 1;
    met.set(pupil.name, at);
    return { ...pupil, name: `${pupil.name} (${at})` };
  });
}

/** Text without stray spaces. */
export function tidy(text: string | undefined): string {
  return (text ?? '').trim().replace(/\s+/g, ' ');
}
