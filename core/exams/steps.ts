import type { PartClass } from './part-class';

/** Between two parts of a section that follow each other there is a part here, or one side is empty. */
export interface Cut {
  readonly section: string;
  /** Difficulties in hundredths of a logit, both apart from what must be between. */
  readonly below: number;
  readonly above: number;
}

/** Gaps that are cut before a plan is called too hard. */
export const MOST_CUTS = 80;

/** The gaps between parts of a section that follow each other in difficulty, wider than a step in logits. */
export function gapsIn(
  classes: readonly PartClass[],
  taken: readonly number[],
  step: number
): Cut[] {
  const bySection = new Map<string, Set<number>>();
  classes.forEach(({ section, difficulty }, at) => {
    if (taken[at]! === 0) return;
    bySection.set(section, (bySection.get(section) ?? new Set()).add(difficulty));
  });
  return [...bySection].flatMap(([section, found]) => {
    const sorted = [...found].sort((one, other) => one - other);
    return sorted.slice(1).flatMap((above, at) => {
      const below = sorted[at]!;
      return above - below > Math.round(100 * step) ? [{ section, below, above }] : [];
    });
  });
}
