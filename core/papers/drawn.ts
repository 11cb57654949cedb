import { factsIn, type Facts } from './facts';
import type { LadderResult } from './ladder';
import type { Rung } from './paper';

/** Other items for a rung with what is known of them, or why there are none. */
export type Drawn = { ok: true; rung: Rung; facts: Facts } | Extract<LadderResult, { ok: false }>;

export function withFacts(result: LadderResult): Drawn {
  return result.ok ? { ...result, facts: factsIn({ rungs: [result.rung] }) } : result;
}
