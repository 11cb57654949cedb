import { drawWhere, itemsUnder, skillOf, WorkedItem, type Controls, type Skill } from '../skill';
import { fromPlans } from './start';
import type { Paper, PaperItem } from './paper';

/** Items of a practice, where there are as many; and how few still make one. */
const MOST = 8;
const FEWEST = 4;
/** How many items are looked at under the same controls. */
const TRIES = 200;

/**
 * A short practice against an error pattern: an example, one with gaps, then items on each of which the
 * pattern shows, none of them among `except` (as the skill's `itemKey` writes them). The items are like
 * those of the ladder where there are enough such. Undefined if too few are found at all.
 */
export function followUp(
  skillId: string,
  pattern: string,
  title: string,
  { seed, school, except = [], most = MOST }: FollowUpOptions
): Paper | undefined {
  const skill = skillOf(skillId);
  const error = skill.patterns.find(({ id }) => id === pattern);
  if (!error) throw new Error(`followUp: ${skillId} has no error pattern '${pattern}'`);
  const way = school ?? Object.keys(skill.schools)[0]!;
  const search = (controls: Controls) => ({
    controls,
    given: drawWhere(skill, {
      controls,
      seed,
      except: new Set(except),
      count: most,
      tries: TRIES,
      isWanted: (given) =>
        new WorkedItem(skill, given, way).showing().some((shown) => shown.pattern.id === pattern)
    })
  });
  const base = skill.ladder.find(({ kind }) => kind === 'set-out')!.controls;
  const usual = search(combined(skill, base, error.shownBy));
  const found = usual.given.length === most ? usual : search(error.shownBy);
  const best = found.given.length >= usual.given.length ? found : usual;
  if (best.given.length < FEWEST) return undefined;
  return { ...fromPlans(title, seed, []), rungs: rungsOf(skill, way, best) };
}

export interface FollowUpOptions {
  readonly seed: number;
  readonly school?: string;
  readonly except?: readonly string[];
  /** Items it has, where there are as many: at least {@link FEWEST}. */
  readonly most?: number;
}

/** An example, one with gaps, and the others half set out and half on one's own. */
function rungsOf(
  skill: Skill,
  school: string,
  { controls, given }: { controls: Controls; given: readonly unknown[] }
): Paper['rungs'] {
  const setOut = Math.ceil((given.length - 2) / 2);
  const sizes = [
    ['worked-example', 1],
    ['gaps', 1],
    ['set-out', setOut],
    ['bare', given.length - 2 - setOut]
  ] as const;
  const queue = [...given];
  return sizes.map(([kind, count], at) => ({
    id: `r${at + 1}`,
    kind,
    skill: skill.id,
    school,
    controls,
    count,
    items: queue.splice(0, count).map((item, i): PaperItem => ({
      id: `i${10 * at + i + 1}`,
      given: item,
      locked: false,
      edited: false
    }))
  }));
}

/** What the pattern needs, with those controls of the ladder's set-out rung that leave it room. */
function combined(skill: Skill, base: Controls, needed: Controls): Controls {
  return Object.entries(base).reduce((kept, [name, control]) => {
    if (name in needed) return kept;
    const more = { ...kept, [name]: control };
    return itemsUnder(skill, more).isEmpty ? kept : more;
  }, needed);
}
