import { secondsOnPaper, type Timing } from '../house-style';
import { workingKinds } from './kinds';

/** How long the items of a practice take on paper, in whole minutes, rounded up; items by the kind of their rung. */
export function paperMinutes(
  items: readonly { readonly kind: string; readonly seconds: number }[],
  timing: Timing
): number {
  const seconds = items.map((item) =>
    secondsOnPaper(
      { kind: workingKinds.includes(item.kind) ? 'set-out' : 'bare', seconds: item.seconds },
      timing
    )
  );
  return Math.ceil(seconds.reduce((sum, one) => sum + one, 0) / 60);
}
