import { drawItems, skillOf, type DrawError, type RungPlan } from '../skills';
import { partSeed } from '../spaces';
import type { Paper, PaperItem, Rung } from './paper';

/** Items of these rungs are shown or done together; they carry no marks and are not marked. */
export function isMarked(rung: Pick<Rung, 'kind'>): boolean {
  return rung.kind !== 'worked-example' && rung.kind !== 'gaps';
}

/** The ladder a skill starts from, drawn with the seed. */
export function startLadder(skillId: string, title: string, seed: number): Paper {
  const skill = skillOf(skillId);
  return fromPlans(
    title,
    seed,
    skill.ladder.map((plan) => ({ skill: skill.id, ...plan }))
  );
}

/** A paper of rungs, each drawn; a rung that cannot be drawn is a programmer's mistake. */
export function fromPlans(
  title: string,
  seed: number,
  plans: readonly (RungPlan & { skill: string })[]
): Paper {
  const empty: Paper = { title, seed, rungs: [], ramp: { from: -2, to: 2 } };
  return plans.reduce((paper, { skill, ...plan }, at) => {
    const school = skillOf(skill).schools[0]!;
    const rung: Rung = { id: `r${at + 1}`, skill, school, ...plan, items: [] };
    const grown = { ...paper, rungs: [...paper.rungs, rung] };
    const drawn = redrawRung(grown, rung.id, 0);
    if (!drawn.ok) throw new Error(`fromPlans: rung ${at + 1} gives ${drawn.error.code}`);
    return drawn.paper;
  }, empty);
}

export type LadderResult = { ok: true; paper: Paper } | { ok: false; error: DrawError };

/**
 * Draws a rung anew, keeping its locked items in their places. `turn` tells one drawing from the next.
 * No item of the paper stands in it twice, not even in another order.
 */
export function redrawRung(paper: Paper, rungId: string, turn: number): LadderResult {
  const rung = rungOf(paper, rungId);
  const kept = rung.items.filter(({ locked }) => locked);
  const drawn = drawInto(paper, rung, { kept, count: rung.count - kept.length, turn });
  if (!drawn.ok) return drawn;
  const fresh = [...drawn.items];
  const places = Array.from(
    { length: Math.max(rung.count, kept.length) },
    (_, at) => rung.items[at]
  );
  const lockedLater = kept.filter((item) => rung.items.indexOf(item) >= places.length);
  const items = places.map((item) => (item?.locked ? item : fresh.shift())).concat(lockedLater);
  return withRung(paper, { ...rung, items: items.filter((item) => item !== undefined) });
}

/** Replaces one item of a rung by another that meets the rung's controls. */
export function replaceItem(
  paper: Paper,
  rungId: string,
  itemId: string,
  turn: number
): LadderResult {
  const rung = rungOf(paper, rungId);
  const drawn = drawInto(paper, rung, { kept: rung.items, count: 1, turn });
  if (!drawn.ok) return drawn;
  const [item] = drawn.items;
  return withRung(paper, {
    ...rung,
    items: rung.items.map((old) => (old.id === itemId ? item! : old))
  });
}

interface Drawing {
  readonly kept: readonly PaperItem[];
  readonly count: number;
  readonly turn: number;
}

function drawInto(
  paper: Paper,
  rung: Rung,
  { kept, count, turn }: Drawing
): { ok: true; items: PaperItem[] } | { ok: false; error: DrawError } {
  if (count <= 0) return { ok: true, items: [] };
  const skill = skillOf(rung.skill);
  const others = paper.rungs
    .filter(({ id, skill }) => id !== rung.id && skill === rung.skill)
    .flatMap(({ items }) => items);
  const seed = partSeed(paper.seed, `${rung.id}/${turn}`);
  const drawn = drawItems(skill, {
    controls: rung.controls,
    count,
    seed,
    orderless: true,
    except: new Set([...others, ...kept].map(({ given }) => skill.orderless(given)))
  });
  if (!drawn.ok) return drawn;
  const items = drawn.given.map((given, at) => ({
    id: `i${seed.toString(36)}-${at + 1}`,
    given,
    locked: false,
    edited: false
  }));
  return { ok: true, items };
}

function rungOf(paper: Paper, rungId: string): Rung {
  const rung = paper.rungs.find(({ id }) => id === rungId);
  if (!rung) throw new Error(`rungOf: no rung '${rungId}' in the paper`);
  return rung;
}

function withRung(paper: Paper, rung: Rung): LadderResult {
  const rungs = paper.rungs.map((old) => (old.id === rung.id ? rung : old));
  return { ok: true, paper: { ...paper, rungs } };
}
