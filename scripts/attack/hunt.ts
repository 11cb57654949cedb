import type { FeatureSpec } from '@zealous-quill/core/skills';
import { skills } from '@zealous-quill/core/skills/all';
import type { Dice } from './dice';
import type { Heard, Sender } from './sender';

export interface Hunted {
  readonly asked: number;
  readonly tooHard: number;
  /** The slowest request that was answered, and how it was asked. */
  readonly slowest: { readonly milliseconds: number; readonly request: string };
  readonly wrong: readonly Heard[];
}

/** Sends random controls of all skills for some time, some of them at once, and looks for what takes longest. */
export async function hunt(sender: Sender, dice: Dice, milliseconds: number): Promise<Hunted> {
  const until = performance.now() + milliseconds;
  let asked = 0;
  let tooHard = 0;
  let slowest = { milliseconds: 0, request: '' };
  const wrong: Heard[] = [];
  const one = async () => {
    while (performance.now() < until) {
      const { id, features } = dice.of(skills);
      const controls = anyControls(dice, features);
      const body = dice.oneIn(3)
        ? { skill: id, controls, count: 1 + dice.below(30), seed: dice.below(1000) }
        : { skill: id, controls };
      const heard = await sender.json('count' in body ? '/api/items' : '/api/items/count', body);
      asked++;
      if (heard.status === 422 && heard.body.includes('too-hard')) tooHard++;
      else if (![200, 422, 503].includes(heard.status as number)) wrong.push(heard);
      if (heard.milliseconds > slowest.milliseconds) {
        slowest = { milliseconds: heard.milliseconds, request: JSON.stringify(body) };
      }
    }
  };
  await Promise.all([one(), one(), one()]);
  return { asked, tooHard, slowest, wrong };
}

/** Controls as a page could set them, on most features of a skill at once. */
export function anyControls(dice: Dice, features: readonly FeatureSpec[]): Record<string, unknown> {
  const chosen = features.filter(() => !dice.oneIn(3));
  return Object.fromEntries(chosen.map((feature) => [feature.id, anyValue(dice, feature)]));
}

function anyValue(dice: Dice, feature: FeatureSpec): unknown {
  switch (feature.kind) {
    case 'number': {
      const { min, max: most, askedTo: max = most } = feature;
      const one = () => min + dice.below(max - min + 1);
      const [low = min, high = max] = [one(), one()].sort((a, b) => a - b);
      return dice.of<unknown>([{ min: low }, { max: high }, { min: low, max: high }, low]);
    }
    case 'flag':
      return dice.oneIn(2);
    case 'choice':
      return [dice.of(feature.values)];
    case 'tables':
      return { allow: feature.values.map(Number).filter(() => !dice.oneIn(3)) };
  }
}
