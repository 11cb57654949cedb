import type { Bounds } from '@zealous-quill/core/exams';
import { signed } from '../controls/choices';
import { EASY, HARD } from '../format';

/** The bounds that have words of their own. */
export const difficultyChoices: readonly (readonly [word: string, bounds: Bounds])[] = [
  ['easy', { max: EASY }],
  ['easy or middling', { max: HARD }],
  ['middling', { min: EASY, max: HARD }],
  ['middling or hard', { min: EASY }],
  ['hard', { min: HARD }]
];

/** Bounds of difficulty in words, with numbers where they have no word: *hard*, *difficulty −0.5 to 0.3*. */
export function difficultyWords(bounds: Bounds): string {
  const found = wordOf(bounds);
  if (found !== undefined) return found;
  const { min, max } = bounds;
  if (min !== undefined && max !== undefined) {
    return `difficulty ${signed(min)} to ${signed(max)}`;
  }
  if (min === undefined && max === undefined) return 'any difficulty';
  return min === undefined
    ? `difficulty at most ${signed(max!)}`
    : `difficulty at least ${signed(min)}`;
}

/** The word for bounds, if they have one. */
export const wordOf = ({ min, max }: Bounds): string | undefined =>
  difficultyChoices.find(([, one]) => one.min === min && one.max === max)?.[0];
