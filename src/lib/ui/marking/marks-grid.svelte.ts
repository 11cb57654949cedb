/** A mark as it stands on the server. */
export interface SavedMark {
  readonly marks: number | null;
  readonly version: number;
  readonly hasWorking: boolean;
}

export interface GridPart {
  readonly id: number;
  readonly label: string;
  readonly available: number;
}

/** What is typed into a cell, and what is wrong with it. */
interface Cell {
  readonly typed: string;
  readonly problem: string;
}

export interface SentMark {
  readonly scriptId: number;
  readonly partId: number;
  readonly marks: number | null;
  readonly version: number;
}

/** What became of a mark that was sent, and what stands there now. */
export interface MarkReply {
  readonly scriptId: number;
  readonly partId: number;
  readonly code: string;
  readonly now: SavedMark | null;
}

/** Sends marks; undefined where nobody answers. */
export type SendMarks = (marks: readonly SentMark[]) => Promise<readonly MarkReply[] | undefined>;

const key = (script: number, part: number) => `${script}/${part}`;

/** Marks of pupils by parts as they are typed or pasted: each is saved by itself, and what is wrong stays and says so. */
export class MarksGrid {
  private saved = $state.raw<Readonly<Record<string, SavedMark>>>({});
  private cells = $state.raw<Readonly<Record<string, Cell>>>({});
  isSaving = $state(false);
  isUnheard = $state(false);
  private past: { script: number; part: number; was: string }[][] = [];
  private sending: Promise<void> = Promise.resolve();

  constructor(
    private readonly scripts: readonly number[],
    private readonly parts: readonly GridPart[],
    saved: Readonly<Record<string, SavedMark>>,
    private readonly send: SendMarks
  ) {
    this.saved = saved;
  }

  /** What stands in a cell. */
  textOf(script: number, part: number): string {
    return this.cells[key(script, part)]?.typed ?? this.savedText(script, part);
  }

  problemOf(script: number, part: number): string {
    return this.cells[key(script, part)]?.problem ?? '';
  }

  totalOf(script: number): number {
    return this.parts.reduce((sum, { id }) => sum + (this.saved[key(script, id)]?.marks ?? 0), 0);
  }

  isComplete = $derived.by(() =>
    this.scripts.every((script) =>
      this.parts.every(({ id }) => (this.saved[key(script, id)]?.marks ?? null) !== null)
    )
  );
  problems = $derived.by(() => Object.values(this.cells).filter(({ problem }) => problem !== ''));

  /** Types into one cell. */
  type(script: number, part: number, text: string): Promise<void> {
    return this.put([{ script, part, text }]);
  }

  /** Lays rows of tab-separated marks over the cells from one on, right and down; what would stand outside is left out. */
  paste(script: number, part: number, text: string): Promise<void> {
    const [row, column] = [
      this.scripts.indexOf(script),
      this.parts.findIndex(({ id }) => id === part)
    ];
    const lines = text.replace(/\r/g, '').replace(/\n+$/, '').split('\n');
    const put = lines.flatMap((line, down) =>
      line.split('\t').flatMap((own, right) => {
        const [to, under] = [this.scripts[row + down], this.parts[column + right]];
        return to === undefined || !under ? [] : [{ script: to, part: under.id, text: own }];
      })
    );
    return this.put(put);
  }

  canUndo(): boolean {
    return this.past.length > 0;
  }

  undo(): Promise<void> {
    const before = this.past.pop() ?? [];
    return this.put(
      before.map(({ script, part, was }) => ({ script, part, text: was })),
      { isUndo: true }
    );
  }

  /** Sends again what nobody answered. */
  again(): Promise<void> {
    const cells = Object.entries(this.cells).filter(([, { problem }]) => problem === '');
    return this.put(
      cells.map(([at, { typed }]) => {
        const [script, part] = at.split('/').map(Number);
        return { script: script!, part: part!, text: typed };
      }),
      { isUndo: true }
    );
  }

  private put(
    typed: readonly { script: number; part: number; text: string }[],
    { isUndo = false } = {}
  ): Promise<void> {
    const changed = typed.filter(
      ({ script, part, text }) =>
        text.trim() !== this.textOf(script, part) || key(script, part) in this.cells
    );
    if (changed.length === 0) return this.sending;
    if (!isUndo) {
      this.past.push(
        changed.map(({ script, part }) => ({ script, part, was: this.savedText(script, part) }))
      );
    }
    const sent: SentMark[] = [];
    const cells = { ...this.cells };
    for (const { script, part, text } of changed) {
      const trimmed = text.trim();
      const problem = problemIn(trimmed, this.parts.find(({ id }) => id === part)!.available);
      cells[key(script, part)] = { typed: trimmed, problem };
      const marks = trimmed === '' ? null : Number(trimmed);
      if (problem === '') sent.push({ scriptId: script, partId: part, marks, version: 0 });
    }
    this.cells = cells;
    this.sending = this.sending.then(() => this.sendNow(sent));
    return this.sending;
  }

  private savedText(script: number, part: number): string {
    const { marks = null } = this.saved[key(script, part)] ?? {};
    return marks === null ? '' : String(marks);
  }

  /** Over the versions that are known when its turn comes. */
  private async sendNow(marks: readonly SentMark[]): Promise<void> {
    if (marks.length === 0) return;
    this.isSaving = true;
    const over = marks.map((one) => ({
      ...one,
      version: this.saved[key(one.scriptId, one.partId)]?.version ?? 0
    }));
    const replies = await this.send(over);
    this.isSaving = false;
    this.isUnheard = replies === undefined;
    if (!replies) return;
    const [saved, cells] = [{ ...this.saved }, { ...this.cells }];
    for (const { scriptId, partId, code, now } of replies) {
      const at = key(scriptId, partId);
      if (now) saved[at] = now;
      const asked = marks.find((one) => one.scriptId === scriptId && one.partId === partId)!;
      const isTyped =
        (cells[at]?.typed ?? '') === (asked.marks === null ? '' : String(asked.marks));
      if (!isTyped) continue;
      if (code === 'saved') delete cells[at];
      else cells[at] = { typed: cells[at]!.typed, problem: refusedWords(code, now) };
    }
    [this.saved, this.cells] = [saved, cells];
  }
}

function problemIn(text: string, available: number): string {
  if (text === '') return '';
  if (!/^\d{1,3}$/.test(text)) return 'A whole number of marks is needed.';
  return Number(text) > available ? `There are only ${available}.` : '';
}

function refusedWords(code: string, now: SavedMark | null): string {
  if (code === 'changed') {
    return `Changed elsewhere to ${now?.marks ?? 'not marked'}. Type it again to keep yours.`;
  }
  return 'This could not be saved. Load the page again.';
}
