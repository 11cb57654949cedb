import type { HouseStyle } from '../house-style';
import type { Scheme } from '../marking/scheme';
import type { Value } from '../numbers';
import {
  ANSWER,
  evaluate,
  printValue,
  replaceRules,
  sameValue,
  stepOf,
  stepWords,
  valuesOf,
  worded,
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
  private readonly wrongs = new Map<ErrorPattern, Graph>();
  private readonly leadsOn = new Map<ErrorPattern, boolean>();

  constructor(
    readonly skill: Skill,
    readonly given: unknown,
    readonly school: string
  ) {
    this.graph = skill.graph(given, school);
    this.key = evaluate(this.graph);
  }

  /** The same item, worked in another school of its skill. */
  inSchool(school: string): WorkedItem {
    const known = this.elsewhere.get(school);
    if (known) return known;
    const other = new WorkedItem(this.skill, this.given, school);
    this.elsewhere.set(school, other);
    return other;
  }

  /** The scheme of the skill. */
  get scheme(): Scheme {
    return (this.ownScheme ??= this.skill.scheme(this.given, this.school));
  }

  /** The right answer, as a pupil would write it. */
  get answer(): string {
    return printValue(stepOf(this.graph, ANSWER), this.key.get(ANSWER))!;
  }

  layout(style: HouseStyle): Layout {
    return this.skill.sheet(this.given, this.school, style);
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
    if (!this.insteads.has(pattern)) {
      this.insteads.set(pattern, pattern.instead(this.given, this.graph, this.school));
    }
    return this.insteads.get(pattern);
  }

  /** The graph of a pupil who works by a pattern; undefined where that leads to no answer. */
  wrong(pattern: ErrorPattern): Graph | undefined {
    const wrong = this.working(pattern);
    if (!wrong) return undefined;
    let leads = this.leadsOn.get(pattern);
    if (leads === undefined) {
      leads = valuesOf(wrong)(ANSWER) !== undefined;
      this.leadsOn.set(pattern, leads);
    }
    return leads ? wrong : undefined;
  }

  /** The graph of a pupil who works by a pattern, whether or not it leads to an answer. */
  working(pattern: ErrorPattern): Graph | undefined {
    const known = this.wrongs.get(pattern);
    if (known) return known;
    const replacements = this.instead(pattern);
    const wrong = replacements && replaceRules(this.graph, replacements);
    if (wrong) this.wrongs.set(pattern, wrong);
    return wrong;
  }

  /** The patterns whose answer differs in value from the right one. */
  showing(): { pattern: ErrorPattern; answer: Value }[] {
    const step = stepOf(this.graph, ANSWER);
    return patternsIn(this.skill, this.school).flatMap((pattern) => {
      const wrong = this.wrong(pattern);
      const answer = wrong && valuesOf(wrong)(ANSWER);
      const shows = answer !== undefined && !sameValue(step, answer, this.key.get(ANSWER));
      return shows ? [{ pattern, answer }] : [];
    });
  }

  /** The patterns that could be at work, by this school or, where it does not have them, by another. */
  couldShow(): string[] {
    const own = new Set(patternsIn(this.skill, this.school).map(({ id }) => id));
    const elsewhere = Object.keys(this.skill.schools)
      .filter((school) => school !== this.school)
      .flatMap((school) => this.inSchool(school).showing())
      .filter(({ pattern }) => !own.has(pattern.id));
    return [...new Set([...this.showing(), ...elsewhere].map(({ pattern }) => pattern.id))];
  }

  private words(step: Step, style: HouseStyle) {
    const printed = (id: string) => printValue(stepOf(this.graph, id), this.key.get(id));
    return stepWords(step.id, printed, style);
  }
}
