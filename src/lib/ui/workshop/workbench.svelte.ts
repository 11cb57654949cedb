import type { HouseStyle } from '@zealous-quill/core/house-style';
import type { Controls, ItemView } from '@zealous-quill/core/skill';
import type { ItemFacts } from '@zealous-quill/core/papers';

/** What draws and works items, in a worker or anywhere else. */
export interface Worker {
  sample(skill: string, controls: Controls, most: number, seed: number): Promise<ItemFacts[]>;
  view(skill: string, line: string, school: string, style: HouseStyle): Promise<ItemView | null>;
}

/** What an item was asked for by: an answer is shown only while this still stands. */
export interface Asked {
  readonly skill: string;
  readonly school: string;
  readonly style: HouseStyle;
}

const MOST = 8;

/** A sample of the items that are wanted, and one of them worked. Answers that are overtaken are dropped. */
export class Workbench {
  /** The sample with the skill it is of. */
  sample = $state.raw<{ skill: string; items: readonly ItemFacts[] } | null>(null);
  /** The item shown, of this skill; one typed that cannot be read has no view. */
  shown = $state.raw<{ skill: string; line: string; view: ItemView | null } | null>(null);
  private turns = { sample: 0, view: 0 };

  constructor(private readonly worker: Worker) {}

  async draw(skill: string, controls: Controls, seed: number): Promise<void> {
    const turn = ++this.turns.sample;
    const items = await this.worker.sample(skill, controls, MOST, seed);
    if (turn === this.turns.sample) this.sample = { skill, items };
  }

  async show({ skill, school, style }: Asked, line: string): Promise<void> {
    const turn = ++this.turns.view;
    const view = await this.worker.view(skill, line, school, style);
    if (turn === this.turns.view) this.shown = { skill, line, view };
  }
}
