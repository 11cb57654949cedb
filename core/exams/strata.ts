import { itemsUnder, readControls, type Controls, type FeatureSpec, type Skill } from '../skill';
import { partSeed, type ItemSpace } from '../spaces';
import { drawSome } from './draw-some';

/** Items of a space that is looked at item by item, and of any other, above which telling what occurs together takes seconds (measured). */
const MOST_WALKED = 400_000n;
const MOST_TOLD = 10n ** 46n;

/** Parts of a space that are drawn from apart, fewer where each is looked at item by item, and items of each. */
const MOST_STRATA = 24;
const MOST_WALKED_STRATA = 8;
const DRAWN = 96;

/** Values of a feature that are told apart one by one; of more, the smallest two and the others in ranges. */
const MOST_VALUES = 6;

/** Whether it would take too long to tell which values of its features occur together. */
export function isDear(space: ItemSpace<unknown>): boolean {
  return space.count > (space.isWalked ? MOST_WALKED : MOST_TOLD);
}

/**
 * Items of a large space, spread over the features that make them easy or hard: as many are drawn for small numbers,
 * of which there are few, as for large ones.
 */
export function spreadItems(
  skill: Skill,
  { controls, seed, except }: { controls: Controls; seed: number; except: ReadonlySet<string> }
): unknown[] {
  const found = new Map<string, unknown>();
  const most = itemsUnder(skill, controls).isWalked ? MOST_WALKED_STRATA : MOST_STRATA;
  for (const [at, stratum] of strataOf(skill, controls, most).entries()) {
    if (itemsUnder(skill, stratum).isEmpty) continue;
    const asked = { controls: stratum, count: DRAWN, seed: partSeed(seed, `${at}`), except };
    for (const given of drawSome(skill, asked)) found.set(skill.itemKey(given), given);
  }
  return [...found.values()];
}

/** The controls narrowed by the first features on which difficulty depends, as far as that makes few parts. */
function strataOf(skill: Skill, controls: Controls, most: number): Controls[] {
  let strata: Controls[] = [controls];
  for (const name of skill.decidingFeatures) {
    const feature = skill.features.find(({ id }) => id === name)!;
    const narrower = cutsOf(feature, controls).filter(
      (cut) => readControls(skill.features, { ...controls, [name]: cut } as Controls).ok
    );
    // What is listed or in tables is cut by nothing.
    if (narrower.length === 0 || strata.length * narrower.length > most) continue;
    strata = strata.flatMap((stratum) =>
      narrower.map((cut) => ({ ...stratum, [name]: cut }) as Controls)
    );
  }
  return strata;
}

/** The values of a feature, or ranges of them, within what is asked of it already. */
function cutsOf(feature: FeatureSpec, controls: Controls): unknown[] {
  const asked = controls[feature.id];
  switch (feature.kind) {
    case 'flag':
      return asked === undefined ? [false, true] : [asked];
    case 'choice':
      return (Array.isArray(asked) ? asked : feature.values).map((value) => [value as string]);
    case 'number':
      return typeof asked === 'number' ? [asked] : numberCuts(feature, asked as Range | undefined);
    default:
      return [asked];
  }
}

interface Range {
  readonly min?: number;
  readonly max?: number;
}

function numberCuts(
  feature: FeatureSpec & { readonly kind: 'number' },
  { min = feature.usualMin ?? feature.min, max = feature.askedTo ?? feature.max }: Range = {}
): unknown[] {
  const size = max - min + 1;
  if (feature.steps) return feature.steps.filter((step) => step >= min && step <= max);
  if (size <= MOST_VALUES) return Array.from({ length: size }, (_, at) => min + at);
  // Most items have large numbers: the small ones, of which there are few, are drawn apart.
  const middle = min + Math.floor(size / 2);
  return [min, min + 1, { min: min + 2, max: middle }, { min: middle + 1, max }];
}
