import type { FeatureSpec } from '@zealous-quill/core/skill';
import { skills } from '@zealous-quill/core/catalogue/all';
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
  /** Items that were drawn last, to be marked and analysed. */
  let drawn: readonly Drawn[] = [];
  const bodyFor = (): [path: string, body: object] => {
    const item = dice.oneIn(3) && drawn.length > 0 ? dice.of(drawn) : undefined;
    if (item) {
      const { skill, given, school, steps } = item;
      const about = { skill, given, school };
      if (dice.oneIn(4)) return ['/api/items/analyse', about];
      const working = steps.map(({ id, value }) => [
        id,
        dice.oneIn(3) ? spoiled(dice, value) : value
      ]);
      const { answer, ...others } = Object.fromEntries(working) as Record<string, string>;
      return ['/api/marking', { ...about, working: others, answer }];
    }
    const { id, features } = dice.of(skills);
    const asked = { skill: id, controls: anyControls(dice, features) };
    return dice.oneIn(3)
      ? ['/api/items', { ...asked, count: 1 + dice.below(30), seed: dice.below(1000) }]
      : ['/api/items/count', asked];
  };
  const one = async () => {
    while (performance.now() < until) {
      const [path, body] = bodyFor();
      const heard = await sender.json(path, body);
      if (path === '/api/items' && heard.status === 200) drawn = itemsOf(heard.body) ?? drawn;
      asked++;
      if (heard.status === 422 && heard.body.includes('too-hard')) tooHard++;
      else if (![200, 422, 503].includes(heard.status as number)) wrong.push(heard);
      if (heard.milliseconds > slowest.milliseconds) {
        slowest = { milliseconds: heard.milliseconds, request: `${path} ${JSON.stringify(body)}` };
      }
    }
  };
  await Promise.all([one(), one(), one()]);
  return { asked, tooHard, slowest, wrong };
}

interface Drawn {
  readonly skill: string;
  readonly given: unknown;
  readonly school: string;
  readonly steps: readonly { readonly id: string; readonly value: string }[];
}

/** The items of an answer; undefined where it was too long to be kept. */
function itemsOf(body: string): readonly Drawn[] | undefined {
  try {
    return (JSON.parse(body) as { items: Drawn[] }).items;
  } catch {
    return undefined;
  }
}

const spoiled = (dice: Dice, value: string) => value.replace(/\d/, () => String(dice.below(10)));

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
    case 'list':
      return [dice.of(feature.values)];
    case 'tables':
      return { allow: feature.values.map(Number).filter(() => !dice.oneIn(3)) };
  }
}
