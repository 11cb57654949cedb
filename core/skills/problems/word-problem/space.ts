import type { Skill } from '../../../skill/skill';
import { meets } from '../../../skill/controls';
import type { FeatureValue } from '../../../skill/feature';
import type { Wanted } from '../../../skill/request';
import { itemSpace, keepRecent, ranked, spend, type ItemSpace, type Told } from '../../../spaces';
import type { WordProblem } from './problem-shape';
import { kindOf, lookAlone, lookAtPlot } from './look';
import type { ArithmeticMeasure } from './measure';
import { bitOf, numbersKey, PlotNumbers, skillsIn, type Allows, type SkillSet } from './numbers';
import { MOST_BESIDE, type Plot } from './plot';
import { besideValues } from './plots';
import { givenOf, problemOf, type World } from './problem';
import { arithmetic, type ArithmeticSkill } from './arithmetic';
import type { Operation } from '../../../skill/card';

/** Work of measuring one calculation by its skill. */
const MEASURED = 10;

/** Problems of one plot with the same numbers told beside: its people and its numbers are still open. */
interface Family {
  readonly plot: Plot;
  readonly beside: readonly string[];
  readonly numbers: PlotNumbers;
  /** Ways to choose people, and numbers beside. */
  readonly people: number;
  readonly others: number;
}

/** What is asked of the calculations of a problem. */
interface AskedOfSums {
  readonly allows: Allows;
  /** Skills of which at least one operation must be. */
  readonly needed: SkillSet;
  /** Whether the operations of a plot can be worked by what is allowed, before any number is looked at. */
  readonly canTell: (plot: Plot) => boolean;
  readonly key: string;
}

/** The spaces of the problems of a world: stories, tellings, people and numbers. */
export function problemItems(
  world: World,
  skills: readonly Skill[],
  measure: ArithmeticMeasure
): (wanted: Wanted) => ItemSpace<WordProblem> {
  // Counted numbers are kept by what they are and by what is asked of them.
  const recent = keepRecent<PlotNumbers>(6000);
  const ids = skills.flatMap((skill) =>
    skill.features.map((feature) => ({ skill: skill.id as ArithmeticSkill, feature: feature.id }))
  );
  return (wanted) => {
    const asked = askedOfSums(wanted, ids, measure);
    const isWanted = (set: SkillSet): boolean =>
      (set & asked.needed) === asked.needed &&
      wanted.meets({ arithmetic: skillsIn(set), numbers: kindOf(skillsIn(set)) });
    /** Whether a plot can be wanted, whatever is told beside it. */
    const canBeWanted = (plot: Plot): boolean =>
      wanted.meets({ ...lookAlone(plot) } as Record<string, FeatureValue>);
    function* families(): Generator<Family> {
      for (const plot of world.plots) {
        spend(1);
        if (!asked.canTell(plot) || !canBeWanted(plot)) continue;
        const numbers = recent(
          `${numbersKey(plot)} ${asked.key}`,
          () => new PlotNumbers(plot, asked.allows)
        );
        const people = arrangements(plot.context.actors.length, plot.people.length);
        for (const beside of besideSets(plot)) {
          const { distractors, words } = lookAtPlot(plot, beside);
          if (!wanted.meets({ distractors, words })) continue;
          const others = beside.reduce((all, id) => all * besideValues(plot.context, id).length, 1);
          yield { plot, beside, numbers, people, others };
        }
      }
    }
    const weightOf = (family: Family): number => waysOf(family, isWanted) * outside(family);
    return itemSpace({
      build() {
        const weighted = [...families()].map((family) => ({ family, weight: weightOf(family) }));
        return spaceOf(
          weighted.filter(({ weight }) => weight > 0),
          isWanted
        );
      },
      count() {
        let sum = 0n;
        for (const family of families()) sum += BigInt(weightOf(family));
        return sum;
      },
      any() {
        for (const family of families()) if (weightOf(family) > 0) return true;
        return false;
      },
      *endings(names) {
        for (const family of families()) {
          const told = { ...lookAtPlot(family.plot, family.beside) } as unknown as Told;
          for (const [set, ways] of family.numbers.counts()) {
            if (!isWanted(set)) continue;
            const skillsUsed = skillsIn(set);
            const all: Told = {
              ...told,
              ...{ arithmetic: skillsUsed, numbers: kindOf(skillsUsed) }
            };
            yield { features: chosen(all, names), count: BigInt(ways * outside(family)) };
          }
        }
      }
    });
  };
}

const chosen = (told: Told, names: readonly string[]): Told =>
  Object.fromEntries(names.map((name) => [name, told[name]!]));

const outside = ({ people, others }: Family): number => people * others;

function waysOf({ numbers }: Family, isWanted: (set: SkillSet) => boolean): number {
  let ways = 0;
  for (const [set, count] of numbers.counts()) if (isWanted(set)) ways += count;
  return ways;
}

const setsOf = new WeakMap<Plot['context'], readonly string[][]>();

/** Sets of numbers that can be told beside, in the order of the context. */
function besideSets({ context }: Plot): readonly string[][] {
  const known = setsOf.get(context);
  if (known) return known;
  const ids = Object.keys(context.beside);
  const pairs = ids.flatMap((one, at) => ids.slice(at + 1).map((other) => [one, other]));
  const sets = [[], ...ids.map((id) => [id]), ...pairs].filter(
    ({ length }) => length <= MOST_BESIDE
  );
  setsOf.set(context, sets);
  return sets;
}

const arrangements = (of: number, chosen: number): number =>
  chosen === 0 ? 1 : of * arrangements(of - 1, chosen - 1);

function askedOfSums(
  wanted: Wanted,
  ids: readonly { readonly skill: ArithmeticSkill; readonly feature: string }[],
  measure: ArithmeticMeasure
): AskedOfSums {
  const asked = ids.filter(({ skill, feature }) => wanted.asks(`${skill}/${feature}`));
  const list = wanted.of('arithmetic');
  const allowed = list instanceof Set ? (list as ReadonlySet<string>) : undefined;
  const bySkill = new Map<ArithmeticSkill, string[]>();
  for (const { skill, feature } of asked) {
    bySkill.set(skill, [...(bySkill.get(skill) ?? []), feature]);
  }
  const isAllowed = (skill: ArithmeticSkill): boolean => !allowed || allowed.has(skill);
  return {
    allows(skill, sum) {
      if (!isAllowed(skill)) return false;
      const features = bySkill.get(skill);
      if (!features) return true;
      spend(MEASURED);
      const measured = measure(skill, sum);
      return features.every((feature) =>
        meets(measured[feature]!, wanted.of(`${skill}/${feature}`)!)
      );
    },
    canTell: ({ moves }) =>
      moves.every(({ operation }) => arithmetic[operation].some((skill) => isAllowed(skill))) &&
      [...bySkill.keys()].every((skill) => moves.some(({ operation }) => isOf(operation, skill))),
    needed: [...bySkill.keys()].reduce((set, skill) => set | bitOf(skill), 0),
    key: wanted.keyOf(['arithmetic', ...asked.map(({ skill, feature }) => `${skill}/${feature}`)])
  };
}

const isOf = (operation: Operation, skill: ArithmeticSkill): boolean =>
  (arithmetic[operation] as readonly string[]).includes(skill);

interface Weighted {
  readonly family: Family;
  readonly weight: number;
}

function spaceOf(weighted: readonly Weighted[], isWanted: (set: SkillSet) => boolean) {
  const total = weighted.reduce((sum, { weight }) => sum + BigInt(weight), 0n);
  return ranked(total, (rank): WordProblem => {
    let rest = rank;
    for (const { family, weight } of weighted) {
      if (rest < BigInt(weight)) return problemAt(family, Number(rest), isWanted);
      rest -= BigInt(weight);
    }
    throw new RangeError(`problemItems: no problem of rank ${rank}`);
  });
}

/** The problem of a rank in a family: its numbers, then its people, then the numbers beside. */
function problemAt(
  family: Family,
  rank: number,
  isWanted: (set: SkillSet) => boolean
): WordProblem {
  const { plot, beside, numbers, people } = family;
  const inner = outside(family);
  const amounts = numbers.at(Math.floor(rank / inner), isWanted);
  let rest = Math.floor((rank % inner) / people);
  const others = beside.map((id) => {
    const values = besideValues(plot.context, id);
    const amount = values[rest % values.length]!;
    rest = Math.floor(rest / values.length);
    return { id, amount };
  });
  const actors = arrangementAt(plot.context.actors, plot.people.length, (rank % inner) % people);
  return givenOf(problemOf({ plot, actors, amounts, beside: others })!);
}

/** Some of a list in an order, by rank. */
function arrangementAt<T>(list: readonly T[], size: number, rank: number): T[] {
  if (size === 0) return [];
  const at = rank % list.length;
  const others = list.filter((_, place) => place !== at);
  return [list[at]!, ...arrangementAt(others, size - 1, Math.floor(rank / list.length))];
}
