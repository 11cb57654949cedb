import { likelyPatterns } from '../analysis';
import { OWN_QUESTION } from '../catalogue';
import type { Need } from '../papers';
import { splitPatternKey } from '../skill';
import { facilityOf } from './outcome';
import type { ResultPupil } from './pupil';
import type { Results } from './results';

const MOST_PATTERNS = 3;
const MOST_SKILLS = 2;
/** A skill of which less than this share was earned is worth practising. */
const SECURE = 0.7;

/**
 * What some pupils of a sitting need most: the error patterns that at least a quarter of them probably hold, the
 * commonest first; else the skills in which they earned least. None if nothing stands out.
 */
export function needsOf(results: Results, pupils: readonly ResultPupil[]): Need[] {
  const held = new Map<string, number>();
  for (const { evidence } of pupils) {
    for (const { pattern } of likelyPatterns(evidence)) {
      held.set(pattern, (held.get(pattern) ?? 0) + 1);
    }
  }
  const patterns = [...held]
    .filter(([, count]) => count >= pupils.length / 4)
    .sort(([, one], [, other]) => other - one)
    .slice(0, MOST_PATTERNS)
    .map(([key]) => splitPatternKey(key));
  if (patterns.length > 0) {
    return patterns.map(({ skill, pattern }) => ({
      ...{ skill, pattern },
      school: results.skills.find((one) => one.skill === skill)!.school
    }));
  }
  return results.skills
    .filter(({ skill }) => skill !== OWN_QUESTION)
    .map(({ skill, school }) => ({ skill, school, earned: earned(results, pupils, skill) }))
    .filter(({ earned }) => earned !== null && earned < SECURE)
    .sort((one, other) => one.earned! - other.earned!)
    .slice(0, MOST_SKILLS)
    .map(({ skill, school }) => ({ skill, school }));
}

/** Share of the marks of a skill that some pupils earned; null if none of it is marked. */
function earned({ items }: Results, pupils: readonly ResultPupil[], skill: string): number | null {
  return facilityOf(
    pupils.flatMap(({ outcomes }) => outcomes.filter((_, at) => items[at]!.skill === skill))
  );
}
