import { usualAdvice } from '../../../house-style';
import { nearBy } from '../../../methods/in-the-head/near-multiple';

/** How two addends are bridged: one is made up to a multiple by so much of the other. */
export interface Bridge {
  readonly base: 10 | 100 | 1000;
  readonly gap: number;
  /** The place of the addend that is made up. */
  readonly made: 0 | 1;
  /** The ones of both make exactly ten. */
  readonly makesTen: boolean;
  readonly suited: boolean;
}

/** What is missing from a number to the next multiple; 0 if it is one. */
export const gapTo = (base: number, number: number): number => (base - (number % base)) % base;

/**
 * The largest base that an addend is near below a multiple of, the other having as much to give: the smallest gap, then
 * the larger addend. Else ten with the smallest gap above 0 that the other can give; undefined if there is none.
 */
export function bridgeOf(one: number, other: number, advice = usualAdvice): Bridge | undefined {
  const makesTen = (one % 10) + (other % 10) === 10;
  for (const { base, within } of nearBy(advice, advice.bridgingTen)) {
    const found = smallest(one, other, base, within);
    if (found) return { base, ...found, makesTen, suited: true };
  }
  const found = smallest(one, other, 10, 9);
  return found && { base: 10, ...found, makesTen, suited: makesTen };
}

function smallest(one: number, other: number, base: number, within: number) {
  const numbers = [one, other] as const;
  const ways = ([0, 1] as const)
    .map((made) => ({ made, gap: gapTo(base, numbers[made]) }))
    .filter(({ made, gap }) => gap > 0 && gap <= within && gap <= numbers[1 - made]!);
  return ways.toSorted((a, b) => a.gap - b.gap || numbers[b.made] - numbers[a.made])[0];
}
