import { ANSWER, constant, evaluate } from '../../../working';
import { takenBy } from '../../../strategies/best-strategy';
import type { Declaration } from '../../../skill/define';
import { patternsIn, type ErrorPattern, type Skill } from '../../../skill/skill';
import { WorkedItem } from '../../../skill/worked-item';
import { keepRecent } from '../../../spaces';
import { given, type Chosen, type Given } from './numbers';
import { valueOf, wayOf } from './way';

/** A pattern of a way, and the way. */
interface OfWay {
  readonly skill: Skill;
  readonly pattern: ErrorPattern;
}

/**
 * The error patterns of the ways, by their own ids: whoever works a sum by a way can go wrong as one does in that way.
 * `shows` names those that often do.
 */
export function patternsOfWays(
  skills: readonly Skill[],
  shows: Readonly<Record<string, readonly string[]>>,
  chosen: (sum: Given) => Chosen
): Declaration<Given, never>['patterns'] {
  const all = skills.flatMap((skill) =>
    skill.patterns
      .filter(({ id }) => shows[skill.id]?.includes(id))
      .map((pattern): OfWay => ({ skill, pattern }))
  );
  const ids = [...new Set(all.map(({ pattern }) => pattern.id))];
  return Object.fromEntries(
    ids
      .map((id) => [id, all.filter(({ pattern }) => pattern.id === id)] as const)
      .map(([id, found]) => [
        id,
        {
          title: found[0]!.pattern.title,
          reading: found[0]!.pattern.reading,
          shownBy: shownBy(found),
          instead: (given: Given, _: unknown, school: string) =>
            school === 'worked' ? asWorked(found, chosen(given)) : asNamed(found, given)
        }
      ])
  );
}

function shownBy(found: readonly OfWay[]) {
  const operation = found[0]!.skill.operation!;
  const ways = found.filter(({ skill }) => skill.operation === operation);
  return {
    operation: [operation],
    cheapest: [...new Set(ways.map(({ skill }) => valueOf(wayOf(skill))))]
  };
}

/** What is done otherwise in the working of the best way. */
function asWorked(found: readonly OfWay[], { item }: Chosen) {
  const pattern = found.find((one) => one.skill === item.skill)?.pattern;
  return pattern && patternsIn(item.skill, item.school).includes(pattern)
    ? item.instead(pattern)
    : undefined;
}

/** Sums worked by ways, the last few: all patterns of a way are asked after one another. */
const recentItems = keepRecent<WorkedItem | undefined>(40);

/** A sum worked by a way; undefined where the numbers do not suit it. */
function workedBy(skill: Skill, school: string, sum: Given): WorkedItem | undefined {
  return recentItems([skill.id, school, given.print(sum)].join('/'), () => {
    const taken = takenBy(skill, sum);
    return taken?.applies ? new WorkedItem(skill, taken.given, school) : undefined;
  });
}

/** The wrong answer, and the way by which it comes about. */
function asNamed(found: readonly OfWay[], sum: Given) {
  for (const { skill, pattern } of found) {
    const school = pattern.schools?.[0] ?? Object.keys(skill.schools)[0]!;
    const wrong = workedBy(skill, school, sum)?.wrong(pattern);
    if (!wrong) continue;
    const value = evaluate(wrong).get(ANSWER);
    return { way: constant({ way: wayOf(skill) }), [ANSWER]: constant(value) };
  }
  return undefined;
}
