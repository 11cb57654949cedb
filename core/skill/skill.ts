import type { Advice, HouseStyle } from '../house-style';
import type { BarModel, Shown } from '../bars';
import type { Mark, Scheme } from '../schemes';
import type { ItemSpace } from '../spaces';
import type { Graph, Layout, Replacements } from '../working';
import type { SkillCard } from './card';
import { readControls, type Control, type Controls } from './controls';
import type { Feature, Features, Title } from './feature';
import type { GivenForm } from './given/form';
import type { Weights } from './prediction';
import { Wanted } from './request';

/**
 * Everything the product knows of a skill, made of its declaration by `defineSkill`. The workshop, papers,
 * sheets, marking, diagnosis and API read nothing else.
 */
export interface Skill<Given = unknown> extends SkillCard {
  readonly given: GivenForm<Given>;
  /** How the answer follows an item on one line; `=` for most. */
  readonly answerSign: string;
  readonly features: readonly (Feature<never> & { readonly id: string })[];
  readonly patterns: readonly ErrorPattern<Given>[];
  readonly weights: Weights;
  /** The features that its marks, difficulty and time depend on. */
  readonly decidingFeatures: readonly string[];
  /** A graded practice that rises from rung to rung, as a starting point. */
  readonly ladder: readonly RungPlan[];
  /** Features over whose values the items of a rung are spread evenly, where they are not controlled. */
  readonly evenly: readonly string[];
  measure(given: Given): Features;
  items(wanted: Wanted): ItemSpace<Given>;
  /** The same text for items that a paper should not hold twice. */
  itemKey(given: Given): string;
  /** Items that ask nothing of the skill, by their keys: no rung and no row draws them. */
  readonly degenerate: ReadonlySet<string>;
  /** What the pupil is asked. */
  prompt(given: Given, style: HouseStyle, asking?: Asking): string;
  /** What is said once over all items of a rung, if it is not the usual note of its kind. */
  note(items: readonly Given[], school: string): string | undefined;
  graph(given: Given, school: string): Graph;
  sheet(given: Given, school: string, style: HouseStyle): Layout;
  scheme(given: Given, school: string, style?: HouseStyle): Scheme;
  /** A picture in bars of how the quantities hang together, where the skill has one. */
  model(given: Given, style: HouseStyle, shown?: Shown): BarModel | undefined;
  /** What earns a method mark, in a marker's words; undefined where the skill has none for its steps. */
  earns(mark: Pick<Mark, 'steps'>, given: Given): string | undefined;
  /** Whether the numbers suit this way of working as a department advises it, and why or why not, in a sentence. */
  suits(given: Given, advice?: Advice): boolean;
  because(given: Given, advice?: Advice): string;
  /** The controls that exactly the items that suit meet, none where all do; undefined where each must be looked at. */
  readonly suitsUnder: Controls | undefined;
}

/** How an item is asked. */
export interface Asking {
  /** Its place among the items of a paper, which need not all be asked alike. */
  readonly turn?: number | undefined;
  /** The working must be shown. */
  readonly showsWorking?: boolean;
}

/**
 * A wrong way of working: the steps it does differently, with what is done instead. Undefined where it
 * cannot be carried out; no steps where it makes no difference.
 */
export interface ErrorPattern<Given = unknown> {
  readonly id: string;
  readonly title: Title;
  /** What the pupil does. */
  readonly reading: Title;
  /** Schools in which it can happen; all if absent. */
  readonly schools?: readonly string[];
  /** Controls under which it usually shows, to draw items that reveal it. */
  readonly shownBy: Controls;
  /** It goes wrong in setting out, so that it cannot show where an item is printed set out. */
  readonly isInSettingOut?: boolean;
  instead(given: Given, graph: Graph, school: string): Replacements | undefined;
}

export type RungKind = 'worked-example' | 'gaps' | 'set-out' | 'bare' | 'harder' | 'challenge';

/** A rung of a practice: items of one kind of presentation, drawn under controls. */
export interface RungPlan {
  readonly kind: RungKind;
  readonly controls: Controls;
  readonly count: number;
  /** One feature spread over its items, in the place of a control on it: so many with each of its controls. */
  readonly spread?: {
    readonly feature: string;
    readonly parts: readonly { readonly control: Control; readonly count: number }[];
  };
}

/** The items under controls that are known to be right; wrong ones are a programmer's mistake. */
export function itemsUnder<Given>(skill: Skill<Given>, controls: Controls): ItemSpace<Given> {
  const read = readControls(skill.features, controls);
  if (!read.ok) throw new Error(`itemsUnder: control '${read.error.field}' is wrong`);
  return skill.items(new Wanted(skill.features, read.constraints));
}

/** The patterns that can happen in a school. */
export function patternsIn(skill: Skill, school: string): readonly ErrorPattern[] {
  return skill.patterns.filter(({ schools }) => !schools || schools.includes(school));
}
