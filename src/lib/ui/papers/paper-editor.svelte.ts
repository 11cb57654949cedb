import {
  factsKey,
  outlineFrom,
  type Drawn,
  type Facts,
  type Fitted,
  type ItemFacts,
  type Paper,
  type PatternIds,
  type Rung
} from '@zealous-quill/core/papers';
import type { Timing } from '@zealous-quill/core/house-style';
import type { DrawError } from '@zealous-quill/core/skill';
import { tooHard } from '../controls/words';
import type { Draft } from '../draft.svelte';

/** What draws items, in a worker or anywhere else. */
export interface Drawer {
  redraw(paper: Paper, rung: string, turn: number): Promise<Drawn>;
  replace(paper: Paper, rung: string, item: string, turn: number): Promise<Drawn>;
  add(paper: Paper, plan: Pick<Rung, 'kind' | 'skill'>, turn: number): Promise<Drawn>;
  fit(paper: Paper, turn: number): Promise<Fitted>;
  facts(paper: Paper, known: readonly string[]): Promise<Facts>;
}

/** Items a rung holds. */
const MOST_ITEMS = 40;

type Plan = Partial<
  Pick<Rung, 'kind' | 'controls' | 'count' | 'school' | 'spread' | 'simplestForm'>
>;

/** A draft of a paper, with the drawing of its items: one drawing after another, each merged by its rung. */
export class PaperEditor {
  facts = $state.raw<Facts>({});
  /** What could not be drawn, by rung. */
  drawProblems = $state<Record<string, string>>({});
  /** Why the items could not be fitted to the ramp. */
  fitProblem = $state('');
  /** The rung that was changed last, which the preview follows. */
  edited = $state<string | null>(null);
  /** Drawings that are under way or wait. */
  waiting = $state(0);
  private drawing: Promise<void> = Promise.resolve();
  private turn: number;

  constructor(
    readonly draft: Draft<Paper>,
    facts: Facts,
    private readonly drawer: () => Drawer,
    private readonly told: { readonly patternIds: PatternIds; readonly timing: Timing }
  ) {
    this.facts = facts;
    // Items that were drawn before must not come again first.
    const items = draft.value.rungs.reduce((sum, rung) => sum + rung.items.length, 0);
    this.turn = 1 + items + draft.version;
  }

  paper = $derived.by(() => this.draft.value);
  outline = $derived.by(() => outlineFrom(this.paper, this.facts, this.told));

  change(change: (paper: Paper) => Paper): void {
    this.draft.edit(change);
  }

  changeRung(id: string, change: (rung: Rung) => Rung): void {
    this.edited = id;
    this.change((paper) => withRung(paper, id, change));
  }

  /** Puts a typed item in the place of another. */
  putItem(rung: string, item: string, given: unknown, facts: ItemFacts): void {
    const own = this.paper.rungs.find(({ id }) => id === rung);
    const old = own?.items.find(({ id }) => id === item);
    if (!own || !old) return;
    const next = { ...old, given, edited: true, locked: true };
    this.facts = { ...this.facts, [factsKey(own, next)]: facts };
    this.changeRung(rung, ({ items, ...rest }) => ({
      ...rest,
      items: items.map((one) => (one.id === item ? next : one))
    }));
  }

  /** Changes what a rung draws, and draws it. */
  plan(id: string, plan: Plan): Promise<void> {
    return this.queue(id, (paper, turn) =>
      this.drawer().redraw(
        withRung(paper, id, (rung) => ({ ...rung, ...plan })),
        id,
        turn
      )
    );
  }

  draw(id: string): Promise<void> {
    return this.plan(id, {});
  }

  replace(id: string, item: string): Promise<void> {
    return this.queue(id, (paper, turn) => this.drawer().replace(paper, id, item, turn));
  }

  /** A new rung after the last. */
  addRung(kind: Rung['kind'], skill: string): Promise<void> {
    return this.inTurn(async () => {
      const drawn = await this.drawer().add(this.paper, { kind, skill }, this.turn++);
      this.drawProblems['new'] = drawn.ok ? '' : drawProblem(drawn.error);
      if (!drawn.ok) return;
      this.facts = { ...this.facts, ...drawn.facts };
      this.edited = drawn.rung.id;
      this.change((paper) => ({ ...paper, rungs: [...paper.rungs, drawn.rung] }));
    });
  }

  /** Gives all places items that are as difficult as the ramp wants them; again, if the paper was changed meanwhile. */
  fit(): Promise<void> {
    return this.inTurn(async () => {
      for (;;) {
        const paper = this.paper;
        const fitted = await this.drawer().fit(paper, this.turn++);
        if (this.paper !== paper) continue;
        this.fitProblem = fitted ? '' : tooHard({});
        if (!fitted) return;
        this.facts = { ...this.facts, ...fitted.facts };
        this.change((now) => ({ ...now, rungs: [...fitted.rungs] }));
        return;
      }
    });
  }

  removeRung(id: string): void {
    this.change((paper) => ({ ...paper, rungs: paper.rungs.filter((rung) => rung.id !== id) }));
  }

  moveRung(id: string, by: number): void {
    this.edited = id;
    this.change((paper) => ({ ...paper, rungs: moved(paper.rungs, id, by) }));
  }

  /** Moves an item up or down; beyond the ends of its rung into the next one of its skill, if there is one. */
  moveItem(rungId: string, itemId: string, by: -1 | 1): void {
    const { rungs } = this.paper;
    const from = rungs.findIndex(({ id }) => id === rungId);
    const { items, skill } = rungs[from]!;
    const to = items.findIndex(({ id }) => id === itemId) + by;
    if (to >= 0 && to < items.length) {
      this.changeRung(rungId, (rung) => ({ ...rung, items: moved(rung.items, itemId, by) }));
      return;
    }
    const next =
      by > 0
        ? rungs.slice(from + 1).find((rung) => rung.skill === skill)
        : rungs.slice(0, from).findLast((rung) => rung.skill === skill);
    if (next) this.placeItem(itemId, next.id, by > 0 ? 0 : next.items.length);
  }

  /** Puts an item into a rung of its skill, at a place in it; both rungs draw one less or more from then on. */
  placeItem(itemId: string, rungId: string, at: number): void {
    const from = this.paper.rungs.find(({ items }) => items.some(({ id }) => id === itemId));
    const to = rungIn(this.paper, rungId);
    const item = from?.items.find(({ id }) => id === itemId);
    if (!from || !to || !item || from.skill !== to.skill || to.items.length >= MOST_ITEMS) return;
    this.edited = rungId;
    this.change((paper) => {
      const without = withRung(paper, from.id, (rung) =>
        counted(
          rung,
          -1,
          rung.items.filter(({ id }) => id !== itemId)
        )
      );
      return withRung(without, rungId, (rung) =>
        counted(rung, 1, rung.items.toSpliced(at, 0, item))
      );
    });
    void this.learn();
  }

  /** Learns what is not known yet of the items on the paper: those of another window, or of before a reload. */
  async learn(): Promise<void> {
    const known = Object.keys(this.facts);
    const isKnown = this.paper.rungs.every((rung) =>
      rung.items.every((entry) => factsKey(rung, entry) in this.facts)
    );
    if (isKnown) return;
    this.facts = { ...this.facts, ...(await this.drawer().facts(this.paper, known)) };
  }

  /** Waits for what is being drawn, then until everything is saved; true if it is. */
  async settle(): Promise<boolean> {
    await this.drawing;
    return this.draft.settle();
  }

  /** Draws for a rung as it stands when its turn comes; if it was changed meanwhile, draws again. */
  private queue(id: string, draw: (paper: Paper, turn: number) => Promise<Drawn>): Promise<void> {
    return this.inTurn(async () => {
      for (;;) {
        const paper = this.paper;
        const before = rungIn(paper, id);
        if (!before) return;
        const drawn = await draw(paper, this.turn++);
        const now = rungIn(this.paper, id);
        if (!now) return;
        if (now !== before) continue;
        this.drawProblems[id] = drawn.ok ? '' : drawProblem(drawn.error, before.controls);
        if (!drawn.ok) return;
        this.facts = { ...this.facts, ...drawn.facts };
        this.changeRung(id, () => drawn.rung);
        return;
      }
    });
  }

  private inTurn(work: () => Promise<void>): Promise<void> {
    this.waiting++;
    const own = this.drawing.then(work).finally(() => this.waiting--);
    this.drawing = own.catch(() => undefined);
    return own;
  }
}

function rungIn(paper: Paper, id: string): Rung | undefined {
  return paper.rungs.find((rung) => rung.id === id);
}

function withRung(paper: Paper, id: string, change: (rung: Rung) => Rung): Paper {
  return { ...paper, rungs: paper.rungs.map((rung) => (rung.id === id ? change(rung) : rung)) };
}

/** A rung with other items, which draws so many more from then on; a spread says itself how many. */
function counted(rung: Rung, by: number, items: Rung['items']): Rung {
  if (rung.spread) return { ...rung, items };
  return { ...rung, items, count: Math.min(MOST_ITEMS, Math.max(1, rung.count + by)) };
}

function drawProblem(
  error: DrawError | { readonly code: 'too-hard' },
  controls: Rung['controls'] = {}
): string {
  switch (error.code) {
    case 'invalid':
      return `The control ${error.field} needs ${error.expected}.`;
    case 'empty-space':
      return `No item meets these controls together: ${error.conflict.join(', ')}.`;
    case 'too-hard':
      return tooHard(controls);
    case 'too-few':
      return `Only ${error.population} items under these controls differ, and the paper holds some already. Ask for fewer, or let go of a control.`;
  }
}

function moved<T extends { id: string }>(list: readonly T[], id: string, by: number): T[] {
  const from = list.findIndex((one) => one.id === id);
  if (from < 0) return [...list];
  const to = Math.min(list.length - 1, Math.max(0, from + by));
  const next = [...list];
  next.splice(to, 0, ...next.splice(from, 1));
  return next;
}
