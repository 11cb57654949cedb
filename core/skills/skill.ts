import type * as z from 'zod/mini';
import type { HouseStyle } from '../house-style';
import type { Scheme } from '../marking/scheme';
import type { Space } from '../spaces';
import type { Graph, Layout, Replacement, Step, Values } from '../working';
import type { Constraints, Controls } from './controls';
import type { Features, FeatureSpec } from './features';
import type { Weights } from './weights';

/**
 * Everything the product knows of a skill. A skill is a folder that makes one of these and a line in the
 * registry; the workshop, papers, sheets, marking, diagnosis and API read nothing else.
 */
export interface Skill<Given = unknown> {
  readonly id: string;
  readonly family: Family;
  /** What is given of an item, checked wherever it comes in. */
  readonly given: z.ZodMiniType<Given>;
  readonly features: readonly FeatureSpec[];
  /** Ways the working is set out, the usual one first. */
  readonly schools: readonly string[];
  /** The school that a house style asks for; the first if absent. */
  schoolIn?(style: HouseStyle): string;
  readonly errorPatterns: readonly ErrorPattern<Given>[];
  readonly weights: Weights;
  /** A graded practice that rises from rung to rung, as a starting point. */
  readonly ladder: readonly RungPlan[];

  measure(given: Given): Features;
  /** All items whose features meet the constraints. */
  space(constraints: Constraints): Space<Given>;
  /** How many items: as `space(constraints).count`, without building what ranks need. */
  count(constraints: Constraints): bigint;
  /** Whether there are any: as `count(constraints) > 0n`, but it may stop at the first. */
  exists(constraints: Constraints): boolean;
  /** How many of them are left when items that differ only by {@link orderless} count once. */
  usable(constraints: Constraints): bigint;
  /** The same text for items that a paper should not hold twice. */
  orderless(given: Given): string;

  graph(given: Given, school: string): Graph;
  layout(given: Given, school: string, style: HouseStyle): Layout;
  scheme(given: Given, school: string): Scheme;

  /** The item on one line, `487 + 365`, and back; undefined if it cannot be read. */
  print(given: Given): string;
  parse(line: string): Given | undefined;

  /** How a sum is worked this way, for skills that can be chosen between. */
  readonly strategy?: Strategy<Given>;

  readonly words: SkillWords<Given>;
}

/** A way of working sums of an operation that stands beside other ways. */
export interface Strategy<Given> {
  readonly operation: Operation;
  operands(given: Given): readonly string[];
  /** The item of these operands, or undefined if the skill has none. */
  given(operands: readonly string[]): Given | undefined;
  /** Whether the numbers suit this way of working. */
  suits(given: Given): boolean;
}

export type Operation = 'addition' | 'subtraction' | 'multiplication' | 'division';

export type Family = 'written' | 'decimals' | 'fractions' | 'mental' | 'algebra';

/**
 * A wrong way of working: the steps it does differently, with what is done instead. Undefined where it
 * cannot be carried out; no steps where it makes no difference.
 */
export interface ErrorPattern<Given = unknown> {
  readonly id: string;
  /** Schools in which it can happen; all if absent. */
  readonly schools?: readonly string[];
  /** Controls under which it usually shows, to draw items that reveal it. */
  readonly shownBy: Controls;
  replacements(given: Given, graph: Graph): Readonly<Record<string, Replacement>> | undefined;
}

export type RungKind = 'worked-example' | 'gaps' | 'set-out' | 'bare' | 'harder' | 'challenge';

/** A rung of a practice: items of one kind of presentation, drawn under controls. */
export interface RungPlan {
  readonly kind: RungKind;
  readonly controls: Controls;
  readonly count: number;
}

/** The skill's sentences, through the house style. */
export interface SkillWords<Given> {
  readonly title: string;
  /** A typical item on one line, as it may be typed. */
  readonly example: string;
  /** The sign between an item on one line and its answer; `=` if absent. */
  readonly gives?: string;
  /** How an item is typed, in one sentence, for those who typed something else. */
  readonly howToType: string;
  /** What the schools are called, where there are several. */
  readonly schools?: Readonly<Record<string, string>>;
  readonly features: Readonly<Record<string, FeatureWords>>;
  readonly errorPatterns: Readonly<Record<string, PatternWords>>;
  /** What the pupil is asked, in one sentence. */
  prompt(given: Given, style: HouseStyle): string;
  label(step: Step, style: HouseStyle): string;
  /** What is done at a step, in one sentence. */
  explain(given: Given, step: Step, values: Values, style: HouseStyle): string;
}

export interface FeatureWords {
  readonly title: string;
  readonly meaning: string;
}

export interface PatternWords {
  readonly title: string;
  /** What the pupil does. */
  readonly reading: string;
}
