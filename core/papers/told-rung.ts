import { defaultHouseStyle, type HouseStyle } from '../house-style';
import { itemsUnder, readControls, schoolIn, skillOf, type Controls, type Skill } from '../skill';
import { addedRung } from './start';
import type { Paper } from './paper';

/** The skill that tells the calculations of others in words. */
const TOLD_BY = 'word-problem';

/** Problems of the last rung, and how many there must be to choose them from. */
const COUNT = 3;
const CHOICE = 12;

/**
 * A ladder with problems as its last rung: the calculations of a rung of the skill, told in words. The hardest rung of which
 * there are enough is taken; the paper is as it was where the skill is not told, or not so.
 */
export function withToldRung(
  paper: Paper,
  { id, ladder }: Pick<Skill, 'id' | 'ladder'>,
  { style = defaultHouseStyle, kept = {} }: { style?: HouseStyle; kept?: Controls } = {}
): Paper {
  const problems = skillOf(TOLD_BY);
  if (id === TOLD_BY || !problems.features.some((one) => one.id.startsWith(`${id}/`))) return paper;
  const told = ladder
    .filter(({ kind }) => kind !== 'challenge')
    .toReversed()
    .map(({ controls }) => toldControls(id, { ...controls, ...kept }));
  const controls = told.find((one) => isEnough(problems, one));
  if (!controls) return paper;
  const plan = { kind: 'bare' as const, count: COUNT, controls, skill: TOLD_BY };
  return addedRung(paper, { ...plan, school: schoolIn(problems, style) }, style) ?? paper;
}

/** The controls of a calculation as those of a problem that is worked by it. */
function toldControls(skill: string, controls: Controls): Controls {
  const own = Object.entries(controls).map(([id, control]) => [`${skill}/${id}`, control] as const);
  return {
    ...{ steps: 1, distractors: 0, hidden: 0, arithmetic: [skill] },
    ...Object.fromEntries(own)
  };
}

const isEnough = (problems: Skill, controls: Controls): boolean =>
  readControls(problems.features, controls).ok &&
  itemsUnder(problems, controls).count >= BigInt(CHOICE);
