import { drawItems, type Controls, type FeatureValue, type Skill } from '../skill';

/** Exact values of features as the controls that ask for them. */
export function controlsFor(values: Readonly<Record<string, FeatureValue>>): Controls {
  return Object.fromEntries(
    Object.entries(values).flatMap(([name, value]) => {
      const control = controlFor(value);
      return control === undefined ? [] : [[name, control]];
    })
  ) as Controls;
}

/** The control of a value; of several, names are allowed and numbers lie between the least and the largest. */
function controlFor(value: unknown): unknown {
  if (typeof value === 'string') return [value];
  if (!Array.isArray(value)) return value;
  const [first] = value as readonly unknown[];
  if (typeof first === 'number') {
    const numbers = value as readonly number[];
    return { min: Math.min(...numbers), max: Math.max(...numbers) };
  }
  if (typeof first === 'string') return value;
  return typeof first === 'boolean' && value.every((one) => one === first) ? first : undefined;
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
