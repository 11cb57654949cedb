import type { Reply } from '$lib/contract/replies';
import { askServer } from '../ask-server';

type Outlook = Reply<'outlook'>;
type Move = Outlook['choices'][number]['moves'][number];

/** What is done along with a change of a part that was sat. */
export interface Along {
  readonly again: boolean;
  readonly shares: boolean;
}

/** What a change of a part would do to totals and grades, asked of the server as the change is typed. */
export class OutlookState {
  outlook = $state.raw<Outlook | null>(null);
  problem = $state('');
  along = $state.raw<Along>({ again: false, shares: false });
  /** Counts what was asked: an answer that comes after a later question is let go. */
  private turn = 0;

  constructor(private readonly send: typeof fetch = fetch) {}

  /** Who moves under what is chosen now. */
  readonly moves: readonly Move[] = $derived(this.movesUnder(this.along));

  /** Boundaries can be kept as shares: there are some, and the total changes. */
  readonly hasShares = $derived.by(() => {
    const { outlook } = this;
    if (!outlook || outlook.boundaries.length === 0 || !outlook.shared) return false;
    return outlook.available.before !== outlook.available.after;
  });

  /** Marking again would give something else than the marks that are kept. */
  readonly differsAgain = $derived.by(() => {
    const { shares } = this.along;
    const [again, kept] = [true, false].map((again) => this.movesUnder({ again, shares }));
    return JSON.stringify(again) !== JSON.stringify(kept);
  });

  movesUnder({ again, shares }: Along): readonly Move[] {
    const found = this.outlook?.choices.find((one) => one.again === again && one.shares === shares);
    return found?.moves ?? [];
  }

  /** Asks what a change would do. */
  async ask(address: string, change: object): Promise<void> {
    const turn = ++this.turn;
    const json = { ...change, isTried: true };
    const answer = await askServer('outlook', address, { json }, this.send);
    if (turn !== this.turn) return;
    this.outlook = answer.ok ? answer.reply : null;
    this.problem = answer.ok ? '' : answer.message;
    if (!this.hasShares) this.along = { ...this.along, shares: false };
  }

  /** Forgets what was asked. */
  forget(): void {
    this.turn++;
    this.outlook = null;
    this.problem = '';
    this.along = { again: false, shares: false };
  }
}
