import {
  openFeatures,
  type Blocked,
  type Conflict,
  type Control,
  type Controls
} from '@zealous-quill/core/skill';
import type { SkillDescription } from '@zealous-quill/core/catalogue';
import { choicesOf, type Choice } from './choices';

/** What counts and draws, in a worker or anywhere else. */
export interface Counter {
  /** Null for what takes too much work. */
  count(
    skill: string,
    controls: Controls
  ): Promise<{ readonly count: bigint | null; readonly usable: bigint | null }>;
  possible(
    skill: string,
    controls: Controls,
    feature: string,
    values: Control[]
  ): Promise<boolean[]>;
  explain(skill: string, controls: Controls): Promise<Conflict>;
  blocked(skill: string, controls: Controls, feature: string): Promise<Blocked>;
}

/** A value that cannot be had as things are: what blocks it, once that is known. */
export interface Refusal {
  readonly feature: string;
  readonly label: string;
  readonly why: Blocked | null;
}

/**
 * The live count of a request, and which further choices would leave it some items. A new request overtakes
 * an old one: answers that come late are dropped.
 */
export class Possibilities {
  count = $state<bigint | null>(null);
  usable = $state<bigint | null>(null);
  conflict = $state<Conflict | null>(null);
  possible = $state<Record<string, boolean[]>>({});
  isCounting = $state(false);
  /** The controls ask for more work than there is: nothing is known of their items. */
  isTooHard = $state(false);
  /** The impossible value that was last pressed. */
  refusal = $state.raw<Refusal | null>(null);
  private turn = 0;
  private skill = '';

  constructor(
    private readonly counter: Counter,
    /** Looks ahead, apart from the counter so that neither waits for the other. */
    private readonly scout: Counter
  ) {}

  async ask(skill: SkillDescription, controls: Controls): Promise<void> {
    const turn = ++this.turn;
    if (skill.id !== this.skill) this.forget(skill.id);
    this.isCounting = true;
    this.refusal = null;
    const { count, usable } = await this.counter.count(skill.id, controls);
    if (turn !== this.turn) return;
    this.count = count;
    this.usable = usable;
    this.isTooHard = count === null;
    this.isCounting = false;
    this.conflict = null;
    if (count === 0n) {
      const conflict = await this.counter.explain(skill.id, controls);
      if (turn !== this.turn) return;
      this.conflict = conflict;
    }
    for (const feature of openFeatures(skill.features, controls)) {
      const values = choicesOf(feature).map(({ control }) => control);
      const possible = await this.scout.possible(skill.id, controls, feature.id, values);
      if (turn !== this.turn) return;
      this.possible[feature.id] = possible;
    }
  }

  /** Finds out what blocks a value of a feature, and what could be asked instead. */
  async refuse(skill: SkillDescription, controls: Controls, feature: string, choice: Choice) {
    const turn = this.turn;
    this.refusal = { feature, label: choice.label, why: null };
    const asked = { ...controls, [feature]: choice.control };
    const why = await this.scout.blocked(skill.id, asked, feature);
    if (turn === this.turn && this.refusal?.label === choice.label) {
      this.refusal = { feature, label: choice.label, why };
    }
  }

  /** What is known of one skill says nothing of another. */
  private forget(skill: string): void {
    this.skill = skill;
    this.count = null;
    this.usable = null;
    this.conflict = null;
    this.possible = {};
    this.refusal = null;
    this.isTooHard = false;
  }
}
