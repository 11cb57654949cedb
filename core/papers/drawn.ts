import { defaultHouseStyle, type HouseStyle } from '../house-style';
import { DRAW_WORK, tryWithin } from '../spaces';
import { factsIn, type Facts } from './facts';
import type { LadderResult } from './ladder';
import type { Rung } from './paper';

/** Other items for a rung with what is known of them, or why there are none. */
export type Drawn =
  | { ok: true; rung: Rung; facts: Facts }
  | Extract<LadderResult, { ok: false }>
  /** Its controls ask for too much work. */
  | { ok: false; error: { code: 'too-hard' } };

/** Draws a rung within the work there is, with what is known of its items. */
export function withFacts(draw: () => LadderResult, style: HouseStyle = defaultHouseStyle): Drawn {
  const result = tryWithin(DRAW_WORK, draw);
  if (!result) return { ok: false, error: { code: 'too-hard' } };
  return result.ok ? { ...result, facts: factsIn({ rungs: [result.rung] }, { style }) } : result;
}
