import { WorkedItem } from '../skill';
import type { Recognised } from './alike';
import type { Asked } from './item-groups';
import type { Drawn } from './part-class';

/** Items that are nearly alike to others, above which no further ones are looked for. */
const MOST_ALIKE = 20;

type Of = { readonly skill: Asked['skill']; readonly school: Asked['school'] };

/** An item as a pupil sees it. */
export function recognised({ skill, school }: Of, given: unknown): Recognised {
  return {
    line: skill.given.print(given),
    answer: new WorkedItem(skill, given, school).answer
  };
}

/** Picks so many of the items it is offered: first those that are not nearly alike to what is on the paper. */
export class Picker {
  private readonly found: unknown[] = [];
  private readonly alike: unknown[] = [];

  constructor(
    private readonly asked: Of,
    private readonly wanted: number,
    private readonly on: Drawn
  ) {}

  /** Whether no more need be offered. */
  get isFull(): boolean {
    return (
      this.found.length === this.wanted || this.alike.length >= Math.max(MOST_ALIKE, this.wanted)
    );
  }

  offer = (given: unknown): void => {
    if (this.isFull) return;
    const one = recognised(this.asked, given);
    if (this.on.remembered.isAlike(one)) {
      this.alike.push(given);
    } else {
      this.on.remembered.add(one);
      this.found.push(given);
    }
  };

  /** What was picked; filled with items that are nearly alike where there are too few others. */
  chosen(): readonly unknown[] {
    return [...this.found, ...this.alike].slice(0, this.wanted);
  }
}
