import type { Features } from './features';

/** Weights of one prediction: a constant and an amount for each unit of a feature (a flag counts 0 or 1). */
export interface Prediction {
  readonly constant: number;
  readonly perUnit: Readonly<Record<string, number>>;
}

/** How hard an item is (logits, 0 for an average item) and how long it takes (seconds). */
export interface Weights {
  readonly origin: 'starting estimate' | 'estimated from marked scripts';
  readonly difficulty: Prediction;
  readonly seconds: Prediction;
}

/** The weighted sum of an item's features, rounded to two places. */
export function predict(prediction: Prediction, features: Features): number {
  const total = Object.entries(prediction.perUnit).reduce(
    (sum, [feature, weight]) => sum + weight * Number(features[feature] ?? 0),
    prediction.constant
  );
  return Math.round(total * 100) / 100;
}
