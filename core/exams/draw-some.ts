import { drawItems, type Controls, type FeatureValue, type Skill } from '../skill';

/** Exact values of features as the controls that ask for them. */
export function controlsFor(values: Readonly<Record<string, FeatureValue>>): Controls {
  return Object.fromEntries(
    Object.entries(values).map(([name, value]) => [
      name,
      typeof value === 'string' ? [value] : value
    ])
  ) as Controls;
}

/** Different items, none of those excepted, as many as there are up to the count. */
export function drawSome(
  skill: Skill,
  request: { controls: Controls; count: number; seed: number; except: ReadonlySet<string> }
): unknown[] {
  for (let count = request.count; count > 0; count = Math.floor(count / 2)) {
    const drawn = drawItems(skill, { ...request, count, allDifferent: true });
    if (drawn.ok) return drawn.given;
    if (drawn.error.code !== 'too-few') return [];
  }
  return [];
}
