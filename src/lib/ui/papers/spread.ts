import type { Spread } from '@zealous-quill/core/papers';
import type { Control, FeatureSpec } from '@zealous-quill/core/skill';
import { choicesOf, type Choice } from '../controls/choices';

/** Features that can be spread over the items of a rung, with the values offered. */
export function spreadable<Spec extends FeatureSpec>(features: readonly Spec[]): Spec[] {
  return features.filter(({ kind }) => kind !== 'tables');
}

/** How many items a spread asks of a choice; 0 if none. */
export function itemsOf(spread: Spread | undefined, choice: Choice): number {
  return (
    spread?.parts.find(({ control }) => isSame(control as Control, choice.control))?.count ?? 0
  );
}

/** The spread with another number of items for one choice; undefined when nothing is left of it. */
export function withItems(
  feature: FeatureSpec,
  spread: Spread | undefined,
  choice: Choice,
  count: number
): Spread | undefined {
  const parts = choicesOf(feature).flatMap((one) => {
    const items = isSame(one.control, choice.control) ? count : itemsOf(spread, one);
    return items > 0
      ? [{ control: one.control as Spread['parts'][number]['control'], count: items }]
      : [];
  });
  return parts.length > 0 ? { feature: feature.id, parts } : undefined;
}

function isSame(one: Control, other: Control): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}
