import { MOST_ITEMS, MOST_SETS, type QuickAsked } from '@zealous-quill/core/quick';
import { findListedSkill } from '@zealous-quill/core/catalogue';
import { isOfShortItems, type Skill } from '@zealous-quill/core/skill';
import { LARGEST_SEED } from '@zealous-quill/core/spaces';
import { controlsAsked } from './controls-asked';

/** What the address asks of quick practice. */
export interface QuickRequest extends QuickAsked {
  /** Minutes that are given. */
  readonly minutes: number;
}

/** The skill of that id, if its items are short enough to stand in columns. */
export function quickSkill(id: string): Skill | undefined {
  const skill = findListedSkill(id);
  return skill && isOfShortItems(skill) ? skill : undefined;
}

/** Reads what is asked; what is left out or cannot be is the usual. */
export function readQuick(query: URLSearchParams, skill: Skill): QuickRequest {
  const whole = (name: string, usual: number, [least, most]: readonly [number, number]) => {
    const text = query.get(name);
    const number = text === null || text.trim() === '' ? usual : Number(text);
    return Number.isInteger(number) && number >= least && number <= most ? number : usual;
  };
  return {
    controls: controlsAsked(query.get('controls'), skill),
    count: whole('count', 30, [5, MOST_ITEMS]),
    sets: whole('sets', 1, [1, MOST_SETS]),
    minutes: whole('minutes', 5, [1, 60]),
    seed: whole('seed', 1, [0, LARGEST_SEED])
  };
}
