import type { Features } from './feature';

/** Weights of one prediction: a constant, an amount for each unit of a number, and one for each value named of a choice. */
export type Prediction = Readonly<Record<string, number | Readonly<Record<string, number>>>> & {
  readonly constant: number;
};

/** How hard an item is (logits, 0 for an average item) and how long it takes (seconds). */
export interface Weights {
  readonly origin: 'starting estimate' | 'estimated from marked scripts';
  readonly difficulty: Prediction;
  readonly seconds: Prediction;
}

/** What is reported of pupils lies between these. */
const DIFFICULTIES = { min: -4, max: 4 };

/** How hard an item is, in logits from -4 to 4 to two places. */
export function difficultyOf({ difficulty }: Weights, features: Features): number {
  const { min, max } = DIFFICULTIES;
  return Math.round(Math.min(max, Math.max(min, predict(difficulty, features))) * 100) / 100;
}

/** How long an item takes, in whole seconds. */
export function secondsOf({ seconds }: Weights, features: Features): number {
  return Math.round(predict(seconds, features));
}

/** The weighted sum of an item's features; a flag counts 0 or 1. */
function predict({ constant, ...weights }: Prediction, features: Features): number {
  return Object.entries(weights).reduce((sum, [feature, weight]) => {
    const value = features[feature] ?? 0;
    return (
      sum + (typeof weight === 'number' ? weight * Number(value) : (weight[String(value)] ?? 0))
    );
  }, constant);
}
