import { defaultHouseStyle, type HouseStyle } from '../house-style';
import {
  explainEmpty,
  itemsUnder,
  schoolIn,
  skillOf,
  type Controls,
  type RungPlan,
  type Skill
} from '../skill';
import { rampOf } from './fit';
import { redrawRung } from './ladder';
import { spreadCount } from './kinds';
import type { Paper, Rung, Spread } from './paper';

/** What a rung of a new paper asks for; the school is that of the house style if none is named. */
export type PaperPlan = RungPlan & Pick<Rung, 'skill'> & { school?: string };

/**
 * The ladder a skill starts from, drawn with the seed, worked as the house does. Controls that are kept hold in
 * every rung; where they leave few items that differ a rung is shorter, where they leave none it is left out.
 */
export function startLadder(
  skillId: string,
  title: string,
  { seed, style = defaultHouseStyle, kept = {}, except = [] }: LadderStart
): Paper {
  const skill = skillOf(skillId);
  const plans = skill.ladder.flatMap((plan) => keeping(skill, plan, kept) ?? []);
  const start: Paper = { title, seed, rungs: [], ramp: { from: 0, to: 0 } };
  const paper = plans.reduce(
    (grown, plan) => withRung(grown, { skill: skillId, ...plan }, { style, except }) ?? grown,
    start
  );
  return { ...paper, ramp: rampOf(paper) };
}

export interface LadderStart {
  readonly seed: number;
  readonly style?: HouseStyle;
  readonly kept?: Controls;
  /** Items it must not have, as the skill writes them without order. */
  readonly except?: readonly string[];
}

/** A paper of rungs, each drawn; a rung that cannot be drawn in full is a programmer's mistake. */
export function fromPlans(
  title: string,
  seed: number,
  plans: readonly PaperPlan[],
  style: HouseStyle = defaultHouseStyle
): Paper {
  const empty: Paper = { title, seed, rungs: [], ramp: { from: 0, to: 0 } };
  const paper = plans.reduce((paper, plan, at) => {
    const grown = withRung(paper, plan, { style });
    if (grown?.rungs.at(-1)?.items.length !== plan.count) {
      throw new Error(`fromPlans: rung ${at + 1} cannot be drawn`);
    }
    return grown;
  }, empty);
  return { ...paper, ramp: rampOf(paper) };
}

/** The paper with one more rung at its end, and its ramp as it then is; undefined if there are no items for it. */
export function addedRung(paper: Paper, plan: PaperPlan, style: HouseStyle): Paper | undefined {
  const grown = withRung(paper, plan, { style });
  return grown && { ...grown, ramp: rampOf(grown) };
}

/** The paper with one more rung, of as many items as there are up to the count; undefined if there are none. */
function withRung(
  paper: Paper,
  { skill, school, spread, ...plan }: PaperPlan,
  { style, except = [] }: { style: HouseStyle; except?: readonly string[] }
): Paper | undefined {
  const rung: Rung = {
    id: `r${paper.rungs.length + 1}`,
    skill,
    school: school ?? schoolIn(skillOf(skill), style),
    ...plan,
    items: []
  };
  for (let count = plan.count; count > 0; count--) {
    // Of fewer items nothing is spread.
    const spreads = spread && spreadCount(spread) === count ? { spread: spread as Spread } : {};
    const grown = { ...paper, rungs: [...paper.rungs, { ...rung, count, ...spreads }] };
    const drawn = redrawRung(grown, rung.id, 0, except);
    if (drawn.ok) return { ...paper, rungs: [...paper.rungs, drawn.rung] };
  }
  return undefined;
}

/** A rung of the ladder in which other controls hold: its own that leave nothing beside them are let go. */
function keeping(skill: Skill, plan: RungPlan, kept: Controls): RungPlan | undefined {
  let own = plan.controls;
  while (itemsUnder(skill, { ...own, ...kept }).isEmpty) {
    const { conflict } = explainEmpty(skill, { ...own, ...kept });
    const blocking = conflict.filter((name) => name in own && !(name in kept));
    if (blocking.length === 0) return undefined;
    own = Object.fromEntries(Object.entries(own).filter(([name]) => !blocking.includes(name)));
  }
  const { spread, ...rest } = plan;
  const isKept = spread && !(spread.feature in kept);
  return { ...rest, controls: { ...own, ...kept }, ...(isKept && { spread }) };
}
