import { factsIn, type Facts, type ItemFacts } from './facts';
import type { LadderResult } from './ladder';
import type { Rung } from './paper';

/** Other items for a rung with what is known of them, or why there are none. */
export type Drawn = { ok: true; rung: Rung; facts: Facts } | Extract<LadderResult, { ok: false }>;

/** An item of a sample, as a list shows it. */
export type SampleItem = Pick<ItemFacts, 'line' | 'answer' | 'features'>;

export function withFacts(result: LadderResult): Drawn {
  return result.ok ? { ...result, facts: factsIn({ rungs: [result.rung] }) } : result;
}
