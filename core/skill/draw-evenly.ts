import { distinctRanks, partSeed, seededRandom } from '../spaces';
import type { Control, Controls } from './controls';
import { drawItems, type DrawRequest, type DrawResult } from './draw';
import { itemsUnder, type Skill } from './skill';

type Values = readonly (string | number | boolean)[];

/** Values that occur together in some items. */
interface Kind {
  readonly values: Readonly<Record<string, Values>>;
}

/**
 * Draws items as {@link drawItems} does, but so that the values of the features over which a skill spreads its items occur
 * as often as each other: a kind with many items drowns no other. Within a kind each item is as likely as any.
 */
export function drawEvenly(skill: Skill, request: DrawRequest): DrawResult {
  const features = skill.evenly.filter((id) => !(id in request.controls));
  if (features.length === 0 || request.count < 2) return drawItems(skill, request);
  const space = itemsUnder(skill, request.controls);
  const kinds = space.combinations(features).map(({ features: told }): Kind => ({
    values: Object.fromEntries(features.map((id) => [id, [told[id]!].flat() as Values]))
  }));
  const used = new Map<string, number>();
  const taken = new Set(request.except);
  const given: unknown[] = [];
  let open = kinds;
  while (given.length < request.count && open.length > 0) {
    const seed = partSeed(request.seed, `item ${given.length}`);
    const kind = leastUsed(open, used, seed);
    const drawn = drawItems(skill, {
      ...request,
      ...{ count: 1, except: taken, seed },
      controls: { ...request.controls, ...controlsOf(kind) }
    });
    if (!drawn.ok) {
      open = open.filter((one) => one !== kind);
      continue;
    }
    for (const key of keysOf(kind)) used.set(key, (used.get(key) ?? 0) + 1);
    taken.add(skill.itemKey(drawn.given[0]));
    given.push(drawn.given[0]);
  }
  if (given.length === request.count) return { ok: true, given, population: space.count };
  return drawItems(skill, request);
}

const controlsOf = ({ values }: Kind): Controls =>
  Object.fromEntries(
    Object.entries(values).map(([id, some]) => [
      id,
      typeof some[0] === 'string' ? (some as string[]) : (some[0] as Control)
    ])
  );

const keysOf = ({ values }: Kind): string[] =>
  Object.entries(values).flatMap(([id, some]) => some.map((value) => `${id} ${value}`));

/** One of the kinds whose values were met least; any of them is as likely. */
function leastUsed(kinds: readonly Kind[], used: ReadonlyMap<string, number>, seed: number): Kind {
  const met = (kind: Kind) =>
    keysOf(kind).reduce((sum, key) => sum + (used.get(key) ?? 0) ** 2, 0) / keysOf(kind).length;
  const least = Math.min(...kinds.map(met));
  const best = kinds.filter((kind) => met(kind) === least);
  const [rank] = distinctRanks(BigInt(best.length), seededRandom(seed));
  return best[Number(rank)]!;
}
