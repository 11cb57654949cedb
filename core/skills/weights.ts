import type { Features } from './feature';

/** Weights of one prediction: a constant and an amount for each unit of a feature (a flag counts 0 or 1). */
export type Prediction = Readonly<Record<string, number>> & { readonly constant: number };

/** How hard an item is (logits, 0 for an average item) and how long it takes (seconds). */
export interface Weights {
  readonly origin: 'starting estimate' | 'estimated from marked scripts';
  readonly difficulty: Prediction;
  readonly seconds: Prediction;
}

/** The weighted sum of an item's features, rounded to two places. */
export function predict({ constant, ...perUnit }: Prediction, features: Features): number {
  const total = Object.entries(perUnit).reduce(
    (sum, [feature, weight]) => sum + weight * Number(features[feature] ?? 0),
    constant
  );
  return Math.round(total * 100) / 100;
}
