import type { Skill } from './skill';

const loaded = new Map<string, Skill>();

/** Puts a skill among the loaded ones; the registry's own work. */
export function keepLoaded(skill: Skill): void {
  loaded.set(skill.id, skill);
}

/** The skill of that id, or undefined if there is none or it has not been loaded. */
export function findSkill(id: string): Skill | undefined {
  return loaded.get(id);
}

/** The skill of an id that is known to be one and loaded; another is a programmer's mistake. */
export function skillOf(id: string): Skill {
  const skill = findSkill(id);
  if (!skill) throw new Error(`skillOf: no skill '${id}' is loaded`);
  return skill;
}
