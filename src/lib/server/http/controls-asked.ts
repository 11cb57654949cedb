import { controlsSchema } from '@zealous-quill/core/papers';
import { readControls, type Controls, type Skill } from '@zealous-quill/core/skill';

/** The controls in an address; those that the skill starts with if there are none, or they cannot be read. */
export function controlsAsked(text: string | null, skill: Skill): Controls {
  const start = skill.ladder.find(({ kind }) => kind === 'set-out')?.controls ?? {};
  if (text === null) return start;
  try {
    const controls = controlsSchema.parse(JSON.parse(text)) as Controls;
    return readControls(skill.features, controls).ok ? controls : start;
  } catch {
    return start;
  }
}
