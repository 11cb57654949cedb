import { distinctRanks, seededRandom, type Space } from '../spaces';
import { explainEmpty, type Conflict } from './explain-empty';
import { readControls, type Controls, type InvalidControl } from './controls';
import { itemsUnder, type Skill } from './skill';
import { Wanted } from './request';

/** A request for items of a skill. */
export interface DrawRequest {
  readonly controls: Controls;
  readonly count: number;
  readonly seed: number;
  /** Items that must not be drawn, as {@link Skill.itemKey} writes them. */
  readonly except?: ReadonlySet<string>;
  /** Whether items that differ only by order count as one. */
  readonly allDifferent?: boolean;
}

export type DrawResult =
  | { readonly ok: true; readonly given: unknown[]; readonly population: bigint }
  | { readonly ok: false; readonly error: DrawError };

export type DrawError =
  | InvalidControl
  | ({ readonly code: 'empty-space' } & Conflict)
  | { readonly code: 'too-few'; readonly population: bigint };

/** Draws different items uniformly from all that meet the controls; the same seed draws the same items. */
export function drawItems(skill: Skill, request: DrawRequest): DrawResult {
  const read = readControls(skill.features, request.controls);
  if (!read.ok) return read;
  const items = skill.items(new Wanted(skill.features, read.constraints));
  const space = items.ranked();
  if (space.count === 0n) {
    return { ok: false, error: { code: 'empty-space', ...explainEmpty(skill, request.controls) } };
  }
  const given: unknown[] = [];
  if (request.allDifferent || space.count >= BigInt(request.count)) {
    const drawn = request.allDifferent
      ? differing(skill, space, request)
      : shuffled(space, request.seed);
    for (const item of drawn) {
      if (given.length === request.count) break;
      given.push(item);
    }
  }
  if (given.length < request.count) {
    const population = request.allDifferent ? items.usable : space.count;
    return { ok: false, error: { code: 'too-few', population } };
  }
  return { ok: true, given, population: space.count };
}

/** Whether an item meets some controls; none meets those that cannot be read. */
export function meetsControls(skill: Skill, given: unknown, controls: Controls): boolean {
  const read = readControls(skill.features, controls);
  return read.ok && new Wanted(skill.features, read.constraints).meets(skill.measure(given));
}

/** A search among the items that meet some constraints. */
export interface SearchRequest {
  readonly controls: Controls;
  readonly seed: number;
  /** Items that must not be found, as {@link Skill.itemKey} writes them. */
  readonly except: ReadonlySet<string>;
  readonly count: number;
  /** How many items are asked about, at the most; excepted ones are passed over, though not without end. */
  readonly tries: number;
  readonly isWanted: (given: unknown) => boolean;
}

/** Different wanted items in an order drawn uniformly; fewer than asked for where no more were found. */
export function drawWhere(skill: Skill, request: SearchRequest): unknown[] {
  const found: unknown[] = [];
  let tried = 0;
  for (const item of differing(skill, itemsUnder(skill, request.controls).ranked(), request)) {
    if (found.length === request.count || tried++ === request.tries) break;
    if (request.isWanted(item)) found.push(item);
  }
  return found;
}

/** Looked at for each item that is asked about, where most are excepted. */
const PASSED_OVER = 20;

/** The items of a space in an order drawn uniformly. */
function* shuffled(space: Space<unknown>, seed: number, tries = Infinity): Generator<unknown> {
  let looked = 0;
  for (const rank of distinctRanks(space.count, seededRandom(seed))) {
    if (looked++ === tries) return;
    yield space.at(rank);
  }
}

/** As {@link shuffled}, of those that differ only by order the first, and none that is excepted. */
function* differing(
  skill: Skill,
  space: Space<unknown>,
  { seed, except, tries }: Pick<DrawRequest, 'seed' | 'except'> & { readonly tries?: number }
): Generator<unknown> {
  const taken = new Set(except);
  for (const item of shuffled(space, seed, PASSED_OVER * (tries ?? Infinity))) {
    const key = skill.itemKey(item);
    if (taken.has(key)) continue;
    taken.add(key);
    yield item;
  }
}
