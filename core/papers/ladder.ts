import { defaultHouseStyle, type HouseStyle } from '../house-style';
import {
  drawEvenly,
  meets,
  readControls,
  schoolIn,
  skillOf,
  type Control,
  type Controls,
  type DrawError
} from '../skill';
import { partSeed } from '../spaces';
import type { Paper, PaperItem, Rung, Spread } from './paper';

/** A rung with other items, to be put in the place of the one that was asked about. */
export type LadderResult = { ok: true; rung: Rung } | { ok: false; error: DrawError };

/**
 * Draws a rung anew, keeping its locked items in their places. `turn` tells one drawing from the next.
 * No item of the paper stands in it twice, not even in another order, and none of `except`, as the skill writes
 * items without order.
 */
export function redrawRung(
  paper: Paper,
  rungId: string,
  turn: number,
  except: readonly string[] = []
): LadderResult {
  const rung = rungOf(paper, rungId);
  const kept = rung.items.filter(({ locked }) => locked);
  const drawn = drawParts(paper, rung, {
    kept,
    parts: partsOf(rung, kept),
    turn,
    except
  });
  if (!drawn.ok) return drawn;
  const fresh = [...drawn.items];
  const places = Array.from(
    { length: Math.max(rung.count, kept.length) },
    (_, at) => rung.items[at]
  );
  const lockedLater = kept.filter((item) => rung.items.indexOf(item) >= places.length);
  const items = places.map((item) => (item?.locked ? item : fresh.shift())).concat(lockedLater);
  return { ok: true, rung: { ...rung, items: items.filter((item) => item !== undefined) } };
}

/** A new rung for the end of a paper, drawn: as its kind is in the skill's ladder, in the school used before. */
export function addRung(
  paper: Paper,
  { kind, skill: id }: Pick<Rung, 'kind' | 'skill'>,
  turn: number,
  style: HouseStyle = defaultHouseStyle
): LadderResult {
  const skill = skillOf(id);
  const before = paper.rungs.findLast((rung) => rung.skill === id);
  const { controls, count, spread } =
    skill.ladder.find((plan) => plan.kind === kind) ?? skill.ladder[0]!;
  const numbers = paper.rungs.map((rung) => Number(rung.id.replace(/\D/g, '')) || 0);
  const rung: Rung = {
    id: `r${Math.max(0, ...numbers) + 1}`,
    ...{ kind, skill: id, controls, count },
    ...(spread && { spread: spread as Spread }),
    school: before?.school ?? schoolIn(skill, style),
    items: []
  };
  return redrawRung({ ...paper, rungs: [...paper.rungs, rung] }, rung.id, turn);
}

/** Replaces one item of a rung by another that meets the rung's controls, and is of its part of a spread. */
export function replaceItem(
  paper: Paper,
  rungId: string,
  itemId: string,
  turn: number
): LadderResult {
  const rung = rungOf(paper, rungId);
  const old = rung.items.find(({ id }) => id === itemId);
  const own = old && wholeParts(rung).find((part) => isOfPart(rung, part, old));
  const parts = [{ controls: own?.controls ?? rung.controls, count: 1 }];
  const drawn = drawParts(paper, rung, { kept: rung.items, parts, turn });
  if (!drawn.ok) return drawn;
  const [item] = drawn.items;
  const items = rung.items.map((old) => (old.id === itemId ? item! : old));
  return { ok: true, rung: { ...rung, items } };
}

/** Items that are drawn together. */
export interface Part {
  readonly controls: Controls;
  readonly count: number;
}

/** The rung in parts: one for each control of a spread, else one. */
export function wholeParts({ controls, count, spread }: Rung): Part[] {
  if (!spread) return [{ controls, count }];
  return spread.parts.map(({ control, count }) => ({
    controls: { ...controls, [spread.feature]: control as Control },
    count
  }));
}

/** What is still to be drawn of each part when some items are kept. */
function partsOf(rung: Rung, kept: readonly PaperItem[]): Part[] {
  const waiting = [...kept];
  const parts = wholeParts(rung).map((part) => {
    let count = part.count;
    for (let at = waiting.length - 1; at >= 0 && count > 0; at--) {
      if (!isOfPart(rung, part, waiting[at]!)) continue;
      waiting.splice(at, 1);
      count--;
    }
    return { ...part, count };
  });
  // Items that fit no part, typed by hand, stand for one of the fullest.
  waiting.forEach(() => {
    const fullest = parts.reduce((one, other) => (other.count > one.count ? other : one));
    parts[parts.indexOf(fullest)] = { ...fullest, count: Math.max(0, fullest.count - 1) };
  });
  return parts;
}

export function isOfPart(rung: Rung, { controls }: Part, { given }: PaperItem): boolean {
  const { spread } = rung;
  if (!spread) return true;
  const skill = skillOf(rung.skill);
  const read = readControls(skill.features, { [spread.feature]: controls[spread.feature]! });
  return read.ok && meets(skill.measure(given)[spread.feature]!, read.constraints[spread.feature]!);
}

interface Drawing {
  readonly kept: readonly PaperItem[];
  readonly parts: readonly Part[];
  readonly turn: number;
  readonly except?: readonly string[];
}

export function drawParts(
  paper: Paper,
  rung: Rung,
  { kept, parts, turn, except = [] }: Drawing
): { ok: true; items: PaperItem[] } | { ok: false; error: DrawError } {
  const skill = skillOf(rung.skill);
  const others = paper.rungs
    .filter(({ id, skill }) => id !== rung.id && skill === rung.skill)
    .flatMap(({ items }) => items);
  const taken = new Set([
    ...except,
    ...skill.degenerate,
    ...[...others, ...kept].map(({ given }) => skill.itemKey(given))
  ]);
  const seed = partSeed(paper.seed, `${rung.id}/${turn}`);
  const drawnParts: unknown[][] = [];
  for (const [at, { controls, count }] of parts.entries()) {
    const drawn =
      count > 0
        ? drawEvenly(skill, {
            controls,
            count,
            seed: at === 0 ? seed : partSeed(seed, `part ${at}`),
            allDifferent: true,
            except: taken
          })
        : { ok: true as const, given: [] };
    if (!drawn.ok) return drawn;
    drawn.given.forEach((given) => taken.add(skill.itemKey(given)));
    drawnParts.push(drawn.given);
  }
  const first = 1 + highestId(paper);
  const items = inTurn(rung, drawnParts).map((given, at) => ({
    id: `i${first + at}`,
    given,
    locked: false,
    edited: false
  }));
  return { ok: true, items };
}

/** A number rises from part to part; what is yes or no is mixed, as telling them apart is the point. */
function inTurn({ skill, spread }: Rung, parts: readonly unknown[][]): unknown[] {
  const feature = skillOf(skill).features.find(({ id }) => id === spread?.feature);
  if (!feature || feature.kind === 'number') return parts.flat();
  const all = parts.flatMap((part, at) =>
    part.map((given, i) => ({ given, turn: (i + 0.5) / part.length + at / 1000 }))
  );
  return all.sort((one, other) => one.turn - other.turn).map(({ given }) => given);
}

function rungOf(paper: Paper, rungId: string): Rung {
  const rung = paper.rungs.find(({ id }) => id === rungId);
  if (!rung) throw new Error(`rungOf: no rung '${rungId}' in the paper`);
  return rung;
}

/** The largest number among the ids of a paper's items: a new item never takes the id of another. */
function highestId({ rungs }: Paper): number {
  return rungs
    .flatMap(({ items }) => items)
    .reduce((most, { id }) => Math.max(most, Number(/^i(\d{1,15})$/.exec(id)?.[1] ?? 0)), 0);
}
