import { usualAdvice, type Advice } from '../../house-style';

/** Bases of the multiples, the largest first, with the distance within which a number is near. */
export const nearBy = ({ nearThousand, nearHundred }: Advice, ten: number) =>
  [
    { base: 1000, within: nearThousand },
    { base: 100, within: nearHundred },
    { base: 10, within: ten }
  ] as const;

/** The multiple by which a change is worked. */
export interface NearMultiple {
  readonly base: 10 | 100 | 1000;
  readonly multiple: number;
  /** Change less multiple: 298 is 2 below 300, so -2. */
  readonly offset: number;
  readonly suited: boolean;
}

/**
 * The largest base whose nearest positive multiple is near and not the number itself, else ten; ties go
 * upward. `nearMultiple(298)` is base 100, multiple 300, offset -2, suited.
 */
export function nearMultiple(change: number, advice = usualAdvice): NearMultiple {
  for (const { base, within } of nearBy(advice, advice.nearTen)) {
    const multiple = nearest(change, base);
    const offset = change - multiple;
    if (offset !== 0 && Math.abs(offset) <= within) return { base, multiple, offset, suited: true };
  }
  const multiple = nearest(change, 10);
  return { base: 10, multiple, offset: change - multiple, suited: false };
}

function nearest(change: number, base: number): number {
  return Math.max(base, Math.floor(change / base + 0.5) * base);
}

/** Whether a positive number is the next multiple of 10, 100 or 1000 above or below a change. */
export function isBeside(multiple: bigint, change: bigint): boolean {
  return [10n, 100n, 1000n].some((base) => {
    const below = (change / base) * base;
    return multiple > 0n && (multiple === below || multiple === below + base);
  });
}

/** Why a change is near a multiple, or is not. */
export function nearWords(change: string, advice: Advice): string {
  const { base, multiple, offset, suited } = nearMultiple(Number(change), advice);
  if (!suited)
    return `${change} is not within ${advice.nearTen} of a multiple of ten, nor near a hundred or a thousand.`;
  const side = offset < 0 ? 'below' : 'above';
  return `${change} is within ${Math.abs(offset)} of a multiple of ${base}: ${Math.abs(offset)} ${side} ${multiple}.`;
}
