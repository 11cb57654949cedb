import { partSeed, seededRandom } from '../spaces';
import type { PartClass } from './part-class';

/** What it costs to take items that have to be looked for: each look may go through a whole space. */
const LOOKED_FOR = 9;

/** Ties are broken by the seed: a little is added for each class, no more than it costs to take one twice. */
export function goalOf(classes: readonly Pick<PartClass, 'isAtHand'>[], seed: number): number[] {
  const random = seededRandom(partSeed(seed, 'ties'));
  return classes.map(
    ({ isAtHand }) => (Math.abs(random.next()) % 7) - 3 + (isAtHand ? 0 : LOOKED_FOR)
  );
}
