import { familyWords, type Family, type SkillCard } from '../skill/card';
import type { SkillDescription } from './description';

/** A skill as a list of skills shows it, with all the words that find it. */
export type ListedSkill = Pick<SkillCard, 'id' | 'family' | 'title' | 'example' | 'words'>;

/** A described skill as it is listed: it is found by its features and error patterns too. */
export function listed(skill: SkillDescription): ListedSkill {
  const { id, family, title, example, features, patterns } = skill;
  // What is a feature of another skill finds that skill.
  const own = [...features, ...patterns].filter((one) => !one.id.includes('/'));
  const titles = own.map((one) => one.title);
  return { id, family, title, example, words: [skill.words, ...titles].join(' ') };
}

/**
 * The skills that a few typed words find, by family; all of them if nothing is typed. Every word must stand
 * somewhere in the skill's title, its id, its family or the words to find it by. Those whose title has all of them
 * come first, with their family.
 */
export function findByWords(
  skills: readonly ListedSkill[],
  typed: string
): { family: Family; skills: ListedSkill[] }[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const found = skills.filter((skill) => words.every((word) => describes(skill, word)));
  const isNamed = ({ title }: ListedSkill) =>
    words.every((word) => title.toLowerCase().includes(word));
  const families = (Object.keys(familyWords) as Family[]).flatMap((family) => {
    const members = found.filter((skill) => skill.family === family);
    const skills = [...members.filter(isNamed), ...members.filter((skill) => !isNamed(skill))];
    return skills.length > 0 ? [{ family, skills }] : [];
  });
  const isFirst = ({ skills: [best] }: { skills: ListedSkill[] }) => isNamed(best!);
  return [...families.filter(isFirst), ...families.filter((one) => !isFirst(one))];
}

function describes({ id, family, title, words }: ListedSkill, word: string): boolean {
  return `${title} ${id} ${familyWords[family]} ${words}`.toLowerCase().includes(word);
}
