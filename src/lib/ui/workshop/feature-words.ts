import type { Controls, Features } from '@zealous-quill/core/skill';
import type { SkillDescription } from '@zealous-quill/core/catalogue';
import { signed, valueText } from '../controls/choices';

/** A feature of an item in a few words. */
export interface FeatureWords {
  readonly id: string;
  readonly text: string;
}

/**
 * The features of an item that are worth a word: not those it lacks (0, no, absent), those that its controls fix to one value,
 * or lists.
 */
export function featureWords(
  skill: Pick<SkillDescription, 'features'>,
  features: Features,
  controls: Controls = {}
): FeatureWords[] {
  return skill.features.flatMap(({ id, title }) => {
    // A feature of an arithmetic is absent where the item has none of it.
    const value = features[id];
    const isLacking = value === undefined || value === 0 || value === false;
    if (isLacking || typeof value === 'object' || isFixed(controls[id], value)) return [];
    const name = title.toLowerCase();
    if (value === true) return [{ id, text: name }];
    return [
      { id, text: `${name} ${typeof value === 'number' ? signed(value) : valueText(value)}` }
    ];
  });
}

const isFixed = (control: Controls[string] | undefined, value: number | string | boolean) =>
  Array.isArray(control) ? control.length === 1 : control === value;
