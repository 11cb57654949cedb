import type { Family, Skill } from './skill';

/** What the families are called, in the order of the catalogue. */
export const familyWords: Readonly<Record<Family, string>> = {
  written: 'Written methods',
  decimals: 'Decimals',
  fractions: 'Fractions',
  mental: 'In the head',
  algebra: 'Algebra'
};

/**
 * The skills that a few typed words find, by family; all of them if nothing is typed. Every word must stand
 * somewhere in the skill's title, its id, its family, its features or its error patterns.
 */
export function findByWords(
  skills: readonly Skill[],
  typed: string
): { family: Family; skills: Skill[] }[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const found = skills.filter((skill) => words.every((word) => describes(skill, word)));
  return (Object.keys(familyWords) as Family[]).flatMap((family) => {
    const members = found.filter((skill) => skill.family === family);
    return members.length > 0 ? [{ family, skills: members }] : [];
  });
}

function describes({ id, family, words }: Skill, word: string): boolean {
  const titles = [...Object.values(words.features), ...Object.values(words.errorPatterns)];
  return [words.title, id, familyWords[family], ...titles.map(({ title }) => title)].some((text) =>
    text.toLowerCase().includes(word)
  );
}
