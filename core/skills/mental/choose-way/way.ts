import type { Reading } from '../../../numbers';
import type { Operation } from '../../../skill/card';
import type { Skill } from '../../../skill/skill';

/** A way that is chosen, as a pupil names it. */
export interface NamedWay {
  readonly way: string;
}

export const ON_PAPER = 'on paper';

/** What a pupil calls a skill as a way of working: every written one is on paper. */
export const wayOf = ({ way = ON_PAPER }: Pick<Skill, 'way'>): string => way;

/** The name of a way as a value of a feature: `near-multiple`. */
export const valueOf = (way: string): string => way.replaceAll(' ', '-');

/** The names among which a pupil chooses at an operation, in the order of the catalogue. */
export function waysFor(skills: readonly Skill[], operation: Operation): string[] {
  const inHead = skills.filter((skill) => skill.operation === operation && skill.way);
  return [...inHead.map(wayOf), ON_PAPER];
}

/**
 * Reads a way by its name, by the beginnings or first letters of its words (`near m`, `nm`), or by a word, or the
 * beginning of one, that only one way of the operation is found by (`bridging`, `comp`).
 */
export function wayReading(skills: readonly Skill[], operation: Operation): Reading<NamedWay> {
  const names = waysFor(skills, operation);
  const wordsBy = new Map(names.map((name) => [name, wordsOf(skills, operation, name)]));
  return {
    kind: 'text',
    parse(written) {
      const typed = wordsIn(written);
      if (typed.length === 0) return undefined;
      const only = (holds: (name: string) => boolean) => {
        const found = names.filter(holds);
        return found.length === 1 ? { way: found[0]! } : undefined;
      };
      return (
        only((name) => name === typed.join(' ')) ??
        only((name) => beginsWith(wordsIn(name), typed)) ??
        only((name) => typed.length === 1 && initialsOf(name) === typed[0]) ??
        only((name) => typed.every((word) => isFoundBy(wordsBy.get(name)!, word)))
      );
    },
    equal: (one, other) => one.way === other.way,
    print: ({ way }) => way,
    near: ({ way }) => names.filter((name) => name !== way).map((name) => ({ way: name }))
  };
}

const wordsIn = (text: string): string[] => text.toLowerCase().match(/[a-z0-9]+/g) ?? [];

/** Whether each typed word begins the word of a name that stands in its place. */
const beginsWith = (name: readonly string[], typed: readonly string[]): boolean =>
  typed.length <= name.length && typed.every((word, at) => name[at]!.startsWith(word));

const initialsOf = (name: string): string =>
  wordsIn(name)
    .map(([first]) => first)
    .join('');

/** Of three letters and more the beginning of a word will do. */
const isFoundBy = (words: readonly string[], typed: string): boolean =>
  words.some((word) => word === typed || (typed.length >= 3 && word.startsWith(typed)));

/** Words by which the skills of a way are found. */
function wordsOf(skills: readonly Skill[], operation: Operation, name: string): string[] {
  return skills
    .filter((skill) => skill.operation === operation && wayOf(skill) === name)
    .filter(({ family }) => name !== ON_PAPER || family === 'written')
    .flatMap(({ title, schools, words, way = '' }) =>
      wordsIn([title, words, way, ...Object.entries(schools).flat()].join(' '))
    );
}
