import type { HouseStyle } from '@zealous-quill/core/house-style';
import { outline, type LadderResult, type Paper, type Rung } from '@zealous-quill/core/papers';
import { schoolOf, skillOf, type DrawError } from '@zealous-quill/core/skills';

/** What draws items, in a worker or anywhere else. */
export interface Drawer {
  redraw(paper: Paper, rung: string, turn: number): Promise<LadderResult>;
  replace(paper: Paper, rung: string, item: string, turn: number): Promise<LadderResult>;
}

/** Saves a paper over a version; gives the new version, or why it was refused. */
export type SavePaper = (
  version: number,
  paper: Paper
) => Promise<{ version: number } | { problem: string }>;

export type SaveState = 'saved' | 'waiting' | 'saving' | 'problem';

const PAUSE = 400;

/** A paper while it is edited: every change can be undone, and is saved by itself after a short pause. */
export class PaperEditor {
  paper = $state.raw<Paper>() as Paper;
  version = $state(0);
  saveState = $state<SaveState>('saved');
  problem = $state<string | null>(null);
  past = $state.raw<readonly Paper[]>([]);
  future = $state.raw<readonly Paper[]>([]);
  /** What could not be drawn, by rung. */
  drawProblems = $state<Record<string, string>>({});
  private timer: ReturnType<typeof setTimeout> | undefined;
  private saving: Promise<void> = Promise.resolve();
  private turn = 1;

  constructor(
    paper: Paper,
    version: number,
    private readonly save: SavePaper,
    private readonly drawer: () => Drawer,
    private readonly style: HouseStyle
  ) {
    this.paper = paper;
    this.version = version;
    // Items that were drawn before must not come again first.
    this.turn = 1 + paper.rungs.reduce((sum, { items }) => sum + items.length, version);
  }

  outline = $derived.by(() => outline(this.paper));

  change(next: Paper): void {
    if (next === this.paper) return;
    this.past = [...this.past.slice(-99), this.paper];
    this.future = [];
    this.show(next);
  }

  undo(): void {
    const before = this.past.at(-1);
    if (!before) return;
    this.past = this.past.slice(0, -1);
    this.future = [this.paper, ...this.future];
    this.show(before);
  }

  redo(): void {
    const [after, ...rest] = this.future;
    if (!after) return;
    this.future = rest;
    this.past = [...this.past, this.paper];
    this.show(after);
  }

  changeRung(id: string, change: (rung: Rung) => Rung): void {
    this.change({
      ...this.paper,
      rungs: this.paper.rungs.map((rung) => (rung.id === id ? change(rung) : rung))
    });
  }

  /** Changes what a rung draws, and draws it. */
  async plan(
    id: string,
    change: Partial<Pick<Rung, 'kind' | 'controls' | 'count' | 'school' | 'spread'>>
  ): Promise<void> {
    const rungs = this.paper.rungs.map((rung) => (rung.id === id ? { ...rung, ...change } : rung));
    await this.draw(id, { ...this.paper, rungs });
  }

  async draw(id: string, paper = this.paper): Promise<void> {
    this.take(id, await this.drawer().redraw(paper, id, this.turn++));
  }

  async replace(id: string, item: string): Promise<void> {
    this.take(id, await this.drawer().replace(this.paper, id, item, this.turn++));
  }

  /** A new rung after the last, of the same skill and controls as the one before it. */
  async addRung(kind: Rung['kind'], skillId: string): Promise<void> {
    const last = this.paper.rungs.findLast(({ skill }) => skill === skillId);
    const skill = skillOf(skillId);
    const plan = skill.ladder.find((step) => step.kind === kind) ?? skill.ladder[0]!;
    const numbers = this.paper.rungs.map(({ id }) => Number(id.replace(/\D/g, '')) || 0);
    const rung: Rung = {
      id: `r${Math.max(0, ...numbers) + 1}`,
      kind,
      skill: skillId,
      school: last?.school ?? schoolOf(skill, this.style),
      controls: plan.controls,
      count: plan.count,
      items: []
    };
    const paper = { ...this.paper, rungs: [...this.paper.rungs, rung] };
    await this.draw(rung.id, paper);
  }

  moveRung(id: string, by: number): void {
    this.change({ ...this.paper, rungs: moved(this.paper.rungs, id, by) });
  }

  moveItem(rungId: string, itemId: string, by: number): void {
    this.changeRung(rungId, (rung) => ({ ...rung, items: moved(rung.items, itemId, by) }));
  }

  /** Waits until everything is saved; true if it is. */
  async settle(): Promise<boolean> {
    if (this.saveState === 'waiting') this.saveSoon(0);
    await new Promise((resolve) => setTimeout(resolve, 5));
    await this.saving;
    return this.saveState === 'saved';
  }

  private take(id: string, result: LadderResult): void {
    this.drawProblems[id] = result.ok ? '' : drawProblem(result.error);
    if (result.ok) this.change(result.paper);
  }

  private show(paper: Paper): void {
    this.paper = paper;
    this.saveState = 'waiting';
    this.saveSoon(PAUSE);
  }

  private saveSoon(pause: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => {
      this.saving = this.saving.then(() => this.saveNow());
    }, pause);
  }

  private async saveNow(): Promise<void> {
    const paper = this.paper;
    this.saveState = 'saving';
    const result = await this.save(this.version, paper);
    if ('problem' in result) {
      this.saveState = 'problem';
      this.problem = result.problem;
      return;
    }
    this.version = result.version;
    this.problem = null;
    this.saveState = this.paper === paper ? 'saved' : 'waiting';
  }
}

function drawProblem(error: DrawError): string {
  switch (error.code) {
    case 'invalid':
      return `The control ${error.field} needs ${error.expected}.`;
    case 'empty-space':
      return `No item meets these controls together: ${error.conflict.join(', ')}.`;
    case 'too-few':
      return `There are only ${error.population} different items under these controls, and the paper holds some already.`;
  }
}

function moved<T extends { id: string }>(list: readonly T[], id: string, by: number): T[] {
  const from = list.findIndex((one) => one.id === id);
  const to = Math.min(list.length - 1, Math.max(0, from + by));
  const next = [...list];
  next.splice(to, 0, ...next.splice(from, 1));
  return next;
}
