import type { HouseStyle } from '@zealous-quill/core/house-style';
import { COUNT_WORK, tryWithin } from '@zealous-quill/core/spaces';
import {
  addRung,
  factsIn,
  factsOf,
  fitToRamp,
  redrawRung,
  replaceItem,
  withFacts,
  type Drawn,
  type Facts,
  type Fitted,
  type ItemFacts,
  type Paper,
  type Rung
} from '@zealous-quill/core/papers';
import {
  blockedBy,
  drawItems,
  explainEmpty,
  itemsUnder,
  readControls,
  skillOf,
  viewItem,
  type Blocked,
  type Conflict,
  type Control,
  type Controls,
  type ItemView,
  type Calculation
} from '@zealous-quill/core/skill';
import {
  describeSkill,
  loadSkills,
  loadWays,
  strategiesOf,
  tryContext,
  type Context,
  type ContextTrial,
  type SkillDescription,
  type Strategy
} from '@zealous-quill/core/catalogue';

/** Work of looking ahead at one value of a control. */
const GLANCE_WORK = COUNT_WORK / 8;

/** What was counted; null where that takes too much work. */
export interface Counted {
  readonly count: bigint | null;
  readonly usable: bigint | null;
}

async function loaded(id: string) {
  await loadSkills([id]);
  return skillOf(id);
}

async function loadAll({ rungs }: Pick<Paper, 'rungs'>): Promise<void> {
  await loadSkills(rungs.map(({ skill }) => skill));
}

/** What is counted, drawn and worked away from the screen. */
export const bench = {
  /** How many items there are, and how many up to the order of their parts; null for what takes too much work. */
  async count(id: string, controls: Controls): Promise<Counted> {
    const skill = await loaded(id);
    if (!readControls(skill.features, controls).ok) return { count: 0n, usable: 0n };
    const space = itemsUnder(skill, controls);
    return {
      count: tryWithin(COUNT_WORK, () => space.count) ?? null,
      usable: tryWithin(COUNT_WORK, () => space.usable) ?? null
    };
  },

  /** For each value, whether items exist if one control has that value and all others stay; they may, where that is dear to tell. */
  async possible(id: string, controls: Controls, feature: string, values: Control[]) {
    const skill = await loaded(id);
    return values.map((value) => {
      const asked = { ...controls, [feature]: value };
      if (!readControls(skill.features, asked).ok) return false;
      return !tryWithin(GLANCE_WORK, () => itemsUnder(skill, asked).isEmpty);
    });
  },

  async explain(id: string, controls: Controls): Promise<Conflict> {
    return explainEmpty(await loaded(id), controls);
  },

  async blocked(id: string, controls: Controls, feature: string): Promise<Blocked> {
    return blockedBy(await loaded(id), controls, feature);
  },

  /** At most so many items that are wanted, drawn with the seed. */
  async sample(id: string, controls: Controls, most: number, seed: number): Promise<ItemFacts[]> {
    const skill = await loaded(id);
    if (!readControls(skill.features, controls).ok) return [];
    const count = tryWithin(COUNT_WORK, () => itemsUnder(skill, controls).ranked().count);
    if (!count) return [];
    const found = drawItems(skill, {
      controls,
      count: count < BigInt(most) ? Number(count) : most,
      seed
    });
    const school = Object.keys(skill.schools)[0]!;
    return found.ok ? found.given.map((given) => factsOf({ skill: id, school }, { given })) : [];
  },

  /** An item typed on one line, worked; null if it cannot be read. */
  async view(
    id: string,
    line: string,
    school: string,
    style: HouseStyle
  ): Promise<ItemView | null> {
    const skill = await loaded(id);
    const given = skill.given.parse(line);
    return given === undefined ? null : viewItem(skill, given, school, style);
  },

  /** The ways of working some numbers, with what each costs, as the house advises them. */
  async ways(sum: Calculation, { advice }: HouseStyle): Promise<Strategy[]> {
    await loadWays(sum.operation);
    return strategiesOf(sum, advice);
  },

  /** Looks a context of problems over while it is written, and tells some in it. */
  tryContext(context: Context, seed: number): Promise<ContextTrial> {
    return tryContext(context, seed);
  },

  async describe(id: string, style: HouseStyle): Promise<SkillDescription> {
    return describeSkill(await loaded(id), style);
  },

  async redraw(paper: Paper, rung: string, turn: number, style: HouseStyle): Promise<Drawn> {
    await loadAll(paper);
    return withFacts(() => redrawRung(paper, rung, turn), style);
  },

  async replace(
    paper: Paper,
    rung: string,
    item: string,
    turn: number,
    style: HouseStyle
  ): Promise<Drawn> {
    await loadAll(paper);
    return withFacts(() => replaceItem(paper, rung, item, turn), style);
  },

  /** The items of a paper fitted to its ramp. */
  async fit(paper: Paper, turn: number, style: HouseStyle): Promise<Fitted> {
    await loadAll(paper);
    return fitToRamp(paper, turn, style);
  },

  /** A new rung for a paper, drawn. */
  async add(
    paper: Paper,
    plan: Pick<Rung, 'kind' | 'skill'>,
    turn: number,
    style: HouseStyle
  ): Promise<Drawn> {
    await loadAll(paper);
    await loadSkills([plan.skill]);
    return withFacts(() => addRung(paper, plan, turn, style), style);
  },

  /** An item typed for a rung; null if it cannot be read. */
  async read(
    rung: Pick<Rung, 'skill' | 'school' | 'simplestForm'>,
    line: string,
    style: HouseStyle
  ): Promise<{ given: unknown; facts: ItemFacts } | null> {
    const skill = await loaded(rung.skill);
    const given = skill.given.parse(line);
    return given === undefined ? null : { given, facts: factsOf(rung, { given }, style) };
  },

  /** The facts of the items of a paper that are not known yet. */
  async facts(paper: Paper, known: readonly string[], style: HouseStyle): Promise<Facts> {
    await loadAll(paper);
    return factsIn(paper, { style, known: new Set(known) });
  }
};

export type Bench = typeof bench;
