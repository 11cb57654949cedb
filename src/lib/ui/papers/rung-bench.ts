import type { ItemFacts, Rung } from '@zealous-quill/core/papers';
import type { Controls } from '@zealous-quill/core/skill';

/** What draws and reads items for a rung, in a worker or anywhere else. */
export interface RungBench {
  sample(skill: string, controls: Controls, most: number, seed: number): Promise<ItemFacts[]>;
  read(rung: Rung, line: string): Promise<{ given: unknown; facts: ItemFacts } | null>;
}
