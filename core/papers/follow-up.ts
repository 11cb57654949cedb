import { drawItems, showingPatterns, skillOf, type Controls, type Skill } from '../skills';
import { partSeed } from '../spaces';
import { fromPlans } from './ladder';
import type { Paper, PaperItem } from './paper';

/** How many items are drawn at a time when looking for some on which a pattern shows. */
const BATCH = 20;
const BATCHES = 10;

/**
 * A short practice against an error pattern: an example, one with gaps, then items on each of which the
 * pattern shows, none of them among `except` (as the skill's `orderless` writes them).
 * Undefined if too few such items are found.
 */
export function followUp(
  skillId: string,
  pattern: string,
  { seed, school, except = [] }: { seed: number; school?: string; except?: readonly string[] }
): Paper | undefined {
  const skill = skillOf(skillId);
  const error = skill.errorPatterns.find(({ id }) => id === pattern);
  if (!error) throw new Error(`followUp: ${skillId} has no error pattern '${pattern}'`);
  const way = school ?? skill.schools[0]!;
  const title = `Practice: ${skill.words.errorPatterns[pattern]!.title.toLowerCase()}`;
  const base = skill.ladder.find(({ kind }) => kind === 'set-out')!.controls;
  const controls = combined(skill, base, error.shownBy);
  const given = itemsThatShow(skill, pattern, {
    school: way,
    controls,
    seed,
    except: new Set(except),
    count: 8
  });
  if (!given) return undefined;
  const kinds = ['worked-example', 'gaps', 'set-out', 'bare'] as const;
  const sizes = [1, 1, 3, 3];
  const paper = fromPlans(title, seed, []);
  const queue = [...given];
  const rungs = kinds.map((kind, at) => ({
    id: `r${at + 1}`,
    kind,
    skill: skill.id,
    school: way,
    controls,
    count: sizes[at]!,
    items: queue.splice(0, sizes[at]).map((given, i): PaperItem => ({
      id: `i${at + 1}-${i + 1}`,
      given,
      locked: false,
      edited: false
    }))
  }));
  return { ...paper, rungs };
}

/** What the pattern needs, with those controls of the ladder's set-out rung that leave it room. */
function combined(skill: Skill, base: Controls, needed: Controls): Controls {
  return Object.entries(base).reduce((kept, [name, control]) => {
    if (name in needed) return kept;
    const more = { ...kept, [name]: control };
    return drawItems(skill, { controls: more, count: 1, seed: 0 }).ok ? more : kept;
  }, needed);
}

interface Search {
  readonly school: string;
  readonly controls: Controls;
  readonly seed: number;
  readonly except: ReadonlySet<string>;
  readonly count: number;
}

function itemsThatShow(skill: Skill, pattern: string, search: Search): unknown[] | undefined {
  const taken = new Set(search.except);
  const found: unknown[] = [];
  for (let batch = 0; batch < BATCHES && found.length < search.count; batch++) {
    const drawn = drawItems(skill, {
      controls: search.controls,
      count: BATCH,
      seed: partSeed(search.seed, `batch ${batch}`),
      orderless: true,
      except: taken
    });
    if (!drawn.ok) return undefined;
    for (const given of drawn.given) {
      taken.add(skill.orderless(given));
      const shows = showingPatterns(skill, given, search.school);
      if (shows.some((shown) => shown.pattern.id === pattern)) found.push(given);
    }
  }
  return found.length < search.count ? undefined : found.slice(0, search.count);
}
