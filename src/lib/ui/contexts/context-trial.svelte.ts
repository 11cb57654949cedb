import type { Context, ContextProblem, ContextTrial } from '@zealous-quill/core/catalogue';
import { clock, type Timers } from '../draft.svelte';

/** Tells problems in a context, in a worker or anywhere else. */
export interface ContextTeller {
  tryContext(context: Context, seed: number): Promise<ContextTrial>;
}

/** Milliseconds from the last change of a context to the examples of it. */
export const EXAMPLES_PAUSE = 250;

/** Examples of a context while it is edited: those of the newest, and what it lacks by the field where it is mended. */
export class ContextTrials {
  last = $state.raw<ContextTrial | null>(null);
  isBusy = $state(false);
  private turn = 0;
  private timer: unknown;

  constructor(
    private readonly teller: ContextTeller,
    private readonly timers: Timers = clock
  ) {}

  /** What hinders the context, apart from hints. */
  hindered = $derived.by(() => (this.last?.problems ?? []).some(({ isHint }) => !isHint));

  problemsAt = (field: string): readonly ContextProblem[] =>
    (this.last?.problems ?? []).filter((problem) => problem.field === field);

  ask(context: Context, seed: number): void {
    const turn = ++this.turn;
    this.isBusy = true;
    this.timers.clear(this.timer);
    this.timer = this.timers.set(() => void this.try(context, seed, turn), EXAMPLES_PAUSE);
  }

  end(): void {
    this.turn++;
    this.timers.clear(this.timer);
  }

  private async try(context: Context, seed: number, turn: number): Promise<void> {
    const found = await this.teller.tryContext(context, seed);
    if (turn !== this.turn) return;
    this.last = found;
    this.isBusy = false;
  }
}
