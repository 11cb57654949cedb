import { defaultHouseStyle, type HouseStyle } from '../house-style';
import { DRAW_WORK, tryWithin } from '../spaces';
import { skillOf } from '../skill';
import { difficultyOf } from '../skill/prediction';
import { factsIn, type Facts } from './facts';
import { isMarked } from './kinds';
import { drawParts, isOfPart, wholeParts, type Part } from './ladder';
import type { Paper, PaperItem, Rung } from './paper';

/** Items that are drawn for each place, to choose from. */
const CHOICE = 4;

/** What is lost by taking a new item where an old one is as near. */
const NEW = 1e-6;

/** The difficulty that is wanted of each item, from the first to the last, in logits. */
export function wantedAlong({ from, to }: Paper['ramp'], items: number): number[] {
  return Array.from(
    { length: items },
    (_, at) => from + ((to - from) * at) / Math.max(1, items - 1)
  );
}

/** The ramp that a paper has, to halves of a logit: from the mean of its first rung to that of its last. */
export function rampOf({ rungs }: Pick<Paper, 'rungs'>): Paper['ramp'] {
  const filled = rungs.filter(({ items }) => items.length > 0);
  const mean = (rung: Rung | undefined) => {
    const difficulties = (rung?.items ?? []).map((item) => predicted(rung!, item));
    return difficulties.reduce((sum, one) => sum + one, 0) / Math.max(1, difficulties.length);
  };
  const half = (value: number) => Math.round(value * 2) / 2 + 0;
  return { from: half(mean(filled[0])), to: half(mean(filled.at(-1))) };
}

/** The predicted difficulty of an item, from its features alone: it is not worked out. */
function predicted({ skill: id }: Rung, { given }: PaperItem): number {
  const skill = skillOf(id);
  return difficultyOf(skill.weights, skill.measure(given));
}

/** Rungs that were fitted, with what is known of their items; null where it is too much work. */
export type Fitted = { readonly rungs: readonly Rung[]; readonly facts: Facts } | null;

/**
 * Puts items of the difficulty that the ramp wants into the places of a paper, rung by rung: those that are
 * there in another order, or new ones under the same controls. What is locked stays, and so do worked examples.
 * `turn` tells one drawing from the next.
 */
export function fitToRamp(
  paper: Paper,
  turn: number,
  style: HouseStyle = defaultHouseStyle
): Fitted {
  const fitted = tryWithin(DRAW_WORK, () =>
    paper.rungs.reduce((now, { id }) => withRungFitted(now, id, turn), paper)
  );
  return fitted ? { rungs: fitted.rungs, facts: factsIn(fitted, { style }) } : null;
}

function withRungFitted(paper: Paper, id: string, turn: number): Paper {
  const rung = paper.rungs.find((one) => one.id === id)!;
  if (!isMarked(rung)) return paper;
  const before = paper.rungs.slice(0, paper.rungs.indexOf(rung));
  const first = before.reduce((sum, { items }) => sum + items.length, 0);
  const all = paper.rungs.reduce((sum, { items }) => sum + items.length, 0);
  const wanted = wantedAlong(paper.ramp, all).slice(first);
  return wholeParts(rung).reduce((now, part, at) => {
    const own = now.rungs.find((one) => one.id === id)!;
    const places = own.items.flatMap((item, place) =>
      !item.locked && partOf(rung, item) === at ? [place] : []
    );
    if (places.length === 0) return now;
    const kept = places.map((place) => own.items[place]!);
    const fresh = drawn(now, own, { ...part, count: places.length }, turn);
    const chosen = nearest(own, {
      wanted: places.map((place) => wanted[place]!),
      kept,
      fresh
    });
    const items = own.items.map((item, place) => chosen[places.indexOf(place)] ?? item);
    return {
      ...now,
      rungs: now.rungs.map((one) => (one.id === id ? { ...own, items } : one))
    };
  }, paper);
}

/** Which part of its rung an item is of; the first where it fits none. */
function partOf(rung: Rung, item: PaperItem): number {
  return Math.max(
    0,
    wholeParts(rung).findIndex((part) => isOfPart(rung, part, item))
  );
}

/** New items of a part of a rung, more than it has places, as far as there are so many. */
function drawn(paper: Paper, rung: Rung, { controls, count }: Part, turn: number): PaperItem[] {
  for (let choice = CHOICE; choice > 0; choice--) {
    const parts = [{ controls, count: choice * count }];
    const found = drawParts(paper, rung, { kept: rung.items, parts, turn });
    if (found.ok) return found.items;
  }
  return [];
}

interface Places {
  readonly wanted: readonly number[];
  readonly kept: readonly PaperItem[];
  readonly fresh: readonly PaperItem[];
}

/**
 * Of all ways to give each place an item, one whose difficulties are nearest to the wanted ones in all. Sorted
 * places take sorted items, as two that cross are never nearer; so one pass over both finds the least sum.
 */
function nearest(rung: Rung, { wanted, kept, fresh }: Places): PaperItem[] {
  const items = [...kept, ...fresh]
    .map((item, at) => ({
      item,
      difficulty: predicted(rung, item),
      price: at < kept.length ? 0 : NEW
    }))
    .sort((one, other) => one.difficulty - other.difficulty);
  const places = [...wanted.keys()].sort((one, other) => wanted[one]! - wanted[other]!);
  // least[p][i]: the least sum for the first p places by some of the first i items.
  const least = [Array.from({ length: items.length + 1 }, () => 0)];
  for (const [p, place] of places.entries()) {
    const row = [Infinity];
    for (const [i, { difficulty, price }] of items.entries()) {
      const taken = least[p]![i]! + Math.abs(difficulty - wanted[place]!) + price;
      row.push(Math.min(row[i]!, taken));
    }
    least.push(row);
  }
  const chosen: PaperItem[] = [];
  let p = places.length;
  for (let i = items.length; p > 0; i--) {
    if (least[p]![i] === least[p]![i - 1]) continue;
    p--;
    chosen[places[p]!] = items[i - 1]!.item;
  }
  return chosen;
}
