import type { Skill } from './skill';
import { columnAddition } from './written/column-addition';

/** All skills, in the order of the catalogue. Each is a folder and a line here. */
export const skills: readonly Skill[] = [columnAddition].map(anySkill);

/** The skill of that id, or undefined. */
export function findSkill(id: string): Skill | undefined {
  return skills.find((skill) => skill.id === id);
}

/** The skill of an id that is known to be one; a missing one is a programmer's mistake. */
export function skillOf(id: string): Skill {
  const skill = findSkill(id);
  if (!skill) throw new Error(`skillOf: no skill '${id}' in the registry`);
  return skill;
}

/** A skill whose items are checked by its own schema before they reach it, so that their type may be forgotten. */
function anySkill<Given>(skill: Skill<Given>): Skill {
  return skill as unknown as Skill;
}
