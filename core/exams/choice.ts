import { defaultHouseStyle, type HouseStyle } from '../house-style';
import type { Value } from '../numbers';
import { patternKey, WorkedItem, type Skill } from '../skill';
import { distinctRanks, partSeed, seededRandom } from '../spaces';
import { ANSWER, sameValue, stepOf, writtenValue, type Step } from '../working';

/** One of the answers of a choice. */
export interface Option {
  readonly text: string;
  /** What leads to it: nothing for the right one, an error pattern by its key with the skill, or a slip. */
  readonly by: 'answer' | 'pattern' | 'slip';
  readonly pattern?: string;
}

/** Options of a choice; the right answer is one of them. */
const OPTIONS = 4;

interface Candidate extends Option {
  readonly value: Value;
}

/**
 * The options of an item made into a choice, in an order drawn from the seed: the answer and three wrong ones, all of
 * different value. They are those of error patterns of any school, the commonest first, and of slips where these are too
 * few; one that is far off stands there only where there are not enough that could be believed. The right one is not the only one of its length, unless all differ. Undefined where there are not so many.
 */
export function optionsOf(
  skill: Skill,
  given: unknown,
  school: string,
  seed: number,
  style: HouseStyle = defaultHouseStyle
): Option[] | undefined {
  const worked = new WorkedItem(skill, given, school);
  const step = stepOf(worked.graph, ANSWER);
  const value = worked.key.get(ANSWER)!;
  const right: Candidate = { text: writtenValue(step, value, style)!, by: 'answer', value };
  const differing: Candidate[] = [right];
  const take = (candidate: Candidate) => {
    const isNew = differing.every(
      (one) => one.text !== candidate.text && !sameValue(step, one.value, candidate.value)
    );
    if (isNew) differing.push(candidate);
  };
  for (const own of [school, ...Object.keys(skill.schools)]) {
    for (const { pattern, answer } of worked.inSchool(own).showing()) {
      const text = writtenValue(step, answer, style)!;
      take({ text, by: 'pattern', pattern: patternKey(skill.id, pattern.id), value: answer });
    }
  }
  const patterned = differing.length;
  for (const slip of step.reading.near(value)) {
    take({ text: writtenValue(step, slip, style)!, by: 'slip', value: slip });
  }
  const isPlausible = plausibleBeside(step, value);
  const isNear = (one: Candidate) => isPlausible(one.value);
  const [patterns, slips] = [differing.slice(1, patterned), differing.slice(patterned)];
  const wrong =
    threeOf(right, patterns.filter(isNear), slips.filter(isNear)) ??
    threeOf(right, patterns, slips);
  if (!wrong) return undefined;
  const order = seededRandom(partSeed(seed, `${skill.id}/${skill.itemKey(given)}`));
  const options = [right, ...wrong];
  return [...distinctRanks(BigInt(OPTIONS), order)].map((rank) => {
    const { text, by, pattern } = options[Number(rank)]!;
    return { text, by, ...(pattern !== undefined && { pattern }) };
  });
}

/**
 * Whether a wrong answer could be believed beside the right one: it is off by no more than the size of that (*common
 * practice* of those who write choices; what has no size can always be).
 */
function plausibleBeside({ reading }: Step, right: Value): (wrong: Value) => boolean {
  const size = reading.size?.bind(reading);
  if (!size) return () => true;
  const whole = size(right);
  return (wrong) => Math.abs(size(wrong) - whole) <= Math.abs(whole);
}

/** Three wrong answers, patterns before slips, of which one is as long as the right one or there are longer and shorter ones. */
function threeOf(
  right: Candidate,
  patterns: readonly Candidate[],
  slips: readonly Candidate[]
): Candidate[] | undefined {
  const all = [...patterns, ...slips];
  for (const first of all.keys()) {
    for (let second = first + 1; second < all.length; second++) {
      for (let third = second + 1; third < all.length; third++) {
        const three = [all[first]!, all[second]!, all[third]!];
        if (!isGivenAway(right, three)) return three;
      }
    }
  }
  return undefined;
}

/** Whether the right answer is the one that is longer, or shorter, than all others. */
function isGivenAway({ text }: Option, wrong: readonly Option[]): boolean {
  const lengths = wrong.map((option) => option.text.length);
  return text.length > Math.max(...lengths) || text.length < Math.min(...lengths);
}
