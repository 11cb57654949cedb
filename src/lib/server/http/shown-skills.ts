import type { HouseStyle } from '@zealous-quill/core/house-style';
import {
  describeSkill,
  listed,
  type ListedSkill,
  type SkillDescription
} from '@zealous-quill/core/catalogue';
import { skillOf } from '@zealous-quill/core/skill';
import { loadedSkills } from '@zealous-quill/core/catalogue/all';

/** All skills as a picker lists them. */
export function listedSkills(style: HouseStyle): ListedSkill[] {
  return loadedSkills().map((skill) => listed(describeSkill(skill, style)));
}

/** Some skills as a page shows them, by their ids. */
export function describedSkills(
  ids: Iterable<string>,
  style: HouseStyle
): Record<string, SkillDescription> {
  return Object.fromEntries([...new Set(ids)].map((id) => [id, describeSkill(skillOf(id), style)]));
}
