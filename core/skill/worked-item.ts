import type { HouseStyle } from '../house-style';
import type { Scheme } from '../schemes';
import type { Value } from '../numbers';
import { ITEM_WORK, spend } from '../spaces';
import {
  ANSWER,
  cellOf,
  evaluate,
  isModelled,
  isShown,
  printValue,
  replaceRules,
  sameValue,
  stepOf,
  stepWords,
  valuesOf,
  worded,
  writtenValue,
  type Graph,
  type Layout,
  type Replacements,
  type Step,
  type Values
} from '../working';
import { patternsIn, type ErrorPattern, type Skill } from './skill';

/**
 * An item with its working: what is given, the way it is set out, the graph and its key. It is made once and
 * handed to whatever marks, prints, explains or diagnoses it, so that nothing is built twice.
 */
export class WorkedItem {
  readonly graph: Graph;
  readonly key: Values;
  private ownScheme: Scheme | undefined;
  private readonly elsewhere = new Map<string, WorkedItem>();
  private readonly insteads = new Map<ErrorPattern, Replacements | undefined>();
  private readonly wrongs = new Map<ErrorPattern, Graph | undefined>();
  private readonly answers = new Map<ErrorPattern, Value | undefined>();

  constructor(
    readonly skill: Skill,
    readonly given: unknown,
    readonly school: string
  ) {
    spend(ITEM_WORK);
    this.graph = skill.graph(given, school);
    this.key = evaluate(this.graph);
  }

  /** The same item, worked in another school of its skill. */
  inSchool(school: string): WorkedItem {
    return kept(this.elsewhere, school, () => new WorkedItem(this.skill, this.given, school));
  }

  /** The scheme of the skill. */
  get scheme(): Scheme {
    return (this.ownScheme ??= this.skill.scheme(this.given, this.school));
  }

  /** The right answer, as a pupil would write it. */
  get answer(): string {
    return printValue(stepOf(this.graph, ANSWER), this.key.get(ANSWER))!;
  }

  /** The sheet, with the signs of the house. */
  layout(style: HouseStyle): Layout {
    return this.skill.sheet(this.given, this.school, style);
  }

  /** The steps of a worked example: those that are written, and those modelled that the sheet has a square for. */
  modelled(layout: Layout): readonly Step[] {
    return this.graph.steps.filter((step) => {
      const value = this.key.get(step.id);
      return (
        isModelled(step, value) && (isShown(step, value) || cellOf(layout, step.id) !== undefined)
      );
    });
  }

  /** What a step is called. */
  label(step: Step, style: HouseStyle): string {
    return worded(step.label, this.words(step, style));
  }

  /** What is done at a step, in one sentence. */
  explain(step: Step, style: HouseStyle): string {
    return worded(step.says, this.words(step, style));
  }

  /** What a pattern does at some steps instead; undefined where it cannot be carried out. */
  instead(pattern: ErrorPattern): Replacements | undefined {
    return kept(this.insteads, pattern, () => pattern.instead(this.given, this.graph, this.school));
  }

  /** The graph of a pupil who works by a pattern; undefined where that leads to no answer. */
  wrong(pattern: ErrorPattern): Graph | undefined {
    return this.answerBy(pattern) === undefined ? undefined : this.working(pattern);
  }

  /** The graph of a pupil who works by a pattern, whether or not it leads to an answer. */
  working(pattern: ErrorPattern): Graph | undefined {
    return kept(this.wrongs, pattern, () => {
      const replacements = this.instead(pattern);
      return replacements && replaceRules(this.graph, replacements);
    });
  }

  /** The patterns whose answer differs in value from the right one. */
  showing(): { pattern: ErrorPattern; answer: Value }[] {
    return patternsIn(this.skill, this.school).flatMap((pattern) => {
      const answer = this.answerBy(pattern);
      return answer !== undefined && this.isWrong(answer) ? [{ pattern, answer }] : [];
    });
  }

  /** The patterns that could be at work, by this school or, where it does not have them, by another. */
  couldShow(): string[] {
    const own = patternsIn(this.skill, this.school);
    const elsewhere = this.skill.patterns.filter(
      (pattern) =>
        !own.includes(pattern) &&
        pattern.schools?.some((school) => {
          const answer = this.inSchool(school).answerBy(pattern);
          return answer !== undefined && this.isWrong(answer);
        })
    );
    return [...this.showing().map(({ pattern }) => pattern), ...elsewhere].map(({ id }) => id);
  }

  /** The answer of a pupil who works by a pattern. */
  private answerBy(pattern: ErrorPattern): Value | undefined {
    return kept(this.answers, pattern, () => {
      const wrong = this.working(pattern);
      return wrong && valuesOf(wrong)(ANSWER);
    });
  }

  private isWrong(answer: Value): boolean {
    return !sameValue(stepOf(this.graph, ANSWER), answer, this.key.get(ANSWER));
  }

  private words(step: Step, style: HouseStyle) {
    const printed = (id: string) => writtenValue(stepOf(this.graph, id), this.key.get(id), style);
    return stepWords(step.id, printed, style);
  }
}

/** What a map has for a key, made when it is first asked for; nothing is an answer too. */
function kept<Key, Made>(map: Map<Key, Made>, key: Key, make: () => Made): Made {
  if (!map.has(key)) map.set(key, make());
  return map.get(key)!;
}
