import type { Reply } from '$lib/contract/replies';

/** A number as it stands on the server. */
export interface SavedCell {
  readonly value: number | null;
  readonly version: number;
}

/** A column of numbers: how one is typed and shown. */
export interface GridColumn {
  readonly id: number;
  readonly label: string;
  /** The number that is typed, or what is wrong with it. */
  read(typed: string): number | { readonly problem: string };
  write(value: number): string;
}

/** What is typed into a cell, and what is wrong with it. */
interface Cell {
  readonly typed: string;
  readonly problem: string;
}

export interface SentCell {
  readonly row: number;
  readonly column: number;
  readonly value: number | null;
  readonly version: number;
}

/** What became of a number that was sent, and what stands there now. */
export type CellReply = Reply<'cells'>['cells'][number];

/** Sends numbers; undefined where nobody answers. */
export type SendCells = (cells: readonly SentCell[]) => Promise<readonly CellReply[] | undefined>;

interface Typed {
  readonly row: number;
  readonly column: number;
  readonly text: string;
}

export const cellKey = (row: number, column: number) => `${row}/${column}`;

/** Numbers in rows and columns as they are typed or pasted: each is saved by itself, and what is wrong stays and says so. */
export class CellGrid {
  private saved = $state.raw<Readonly<Record<string, SavedCell>>>({});
  private cells = $state.raw<Readonly<Record<string, Cell>>>({});
  private isSaving = $state(false);
  isUnheard = $state(false);
  private past: Typed[][] = [];
  private sending: Promise<void> = Promise.resolve();

  constructor(
    readonly rows: readonly number[],
    readonly columns: readonly GridColumn[],
    saved: Readonly<Record<string, SavedCell>>,
    private readonly send: SendCells
  ) {
    this.saved = saved;
  }

  /** What stands in a cell. */
  textOf(row: number, column: number): string {
    return this.cells[cellKey(row, column)]?.typed ?? this.savedText(row, column);
  }

  problemOf(row: number, column: number): string {
    return this.cells[cellKey(row, column)]?.problem ?? '';
  }

  /** The number that is kept, null where there is none. */
  valueOf(row: number, column: number): number | null {
    return this.saved[cellKey(row, column)]?.value ?? null;
  }

  /** A number is kept in a row: its total is one. */
  hasAny(row: number): boolean {
    return this.columns.some(({ id }) => this.valueOf(row, id) !== null);
  }

  readonly problems = $derived.by(
    () => Object.values(this.cells).filter(({ problem }) => problem !== '').length
  );

  /** Nothing is on its way, unheard or wrong. */
  get isSettled(): boolean {
    return !this.isSaving && !this.isUnheard && this.problems === 0;
  }

  /** How it stands, in a few words. */
  get state(): string {
    if (this.isSaving) return '○ saving';
    if (this.isUnheard) return '✗ not saved';
    if (this.problems === 0) return '● saved';
    return `✗ ${this.problems} not saved`;
  }

  /** Types into one cell. */
  type(row: number, column: number, text: string): Promise<void> {
    return this.put([{ row, column, text }]);
  }

  /** Lays tab-separated lines over the cells from one on, right and down; what would stand outside is left out. */
  paste(row: number, column: number, text: string): Promise<void> {
    const from = [
      this.rows.indexOf(row),
      this.columns.findIndex(({ id }) => id === column)
    ] as const;
    const lines = text.replace(/\r/g, '').replace(/\n+$/, '').split('\n');
    return this.put(
      lines.flatMap((line, down) =>
        line.split('\t').flatMap((own, right) => {
          const [to, under] = [this.rows[from[0] + down], this.columns[from[1] + right]];
          return to === undefined || !under ? [] : [{ row: to, column: under.id, text: own }];
        })
      )
    );
  }

  undo(): Promise<void> {
    return this.put(this.past.pop() ?? [], { isUndo: true });
  }

  /** Sends again what nobody answered. */
  again(): Promise<void> {
    const cells = Object.entries(this.cells).filter(([, { problem }]) => problem === '');
    return this.put(
      cells.map(([at, { typed }]) => {
        const [row, column] = at.split('/').map(Number);
        return { row: row!, column: column!, text: typed };
      }),
      { isUndo: true }
    );
  }

  private put(typed: readonly Typed[], { isUndo = false } = {}): Promise<void> {
    const changed = typed.filter(
      ({ row, column, text }) =>
        text.trim() !== this.textOf(row, column) || cellKey(row, column) in this.cells
    );
    if (changed.length === 0) return this.sending;
    if (!isUndo) {
      this.past.push(
        changed.map(({ row, column }) => ({ row, column, text: this.savedText(row, column) }))
      );
    }
    const sent: SentCell[] = [];
    const cells = { ...this.cells };
    for (const { row, column, text } of changed) {
      const trimmed = text.trim();
      const read = trimmed === '' ? null : this.columnOf(column).read(trimmed);
      const problem = typeof read === 'object' && read !== null ? read.problem : '';
      cells[cellKey(row, column)] = { typed: trimmed, problem };
      if (typeof read !== 'object' || read === null) {
        sent.push({ row, column, value: read, version: 0 });
      }
    }
    this.cells = cells;
    this.sending = this.sending.then(() => this.sendNow(sent));
    return this.sending;
  }

  private columnOf(id: number): GridColumn {
    return this.columns.find((column) => column.id === id)!;
  }

  private savedText(row: number, column: number): string {
    const value = this.valueOf(row, column);
    return value === null ? '' : this.columnOf(column).write(value);
  }

  /** Over the versions that are known when its turn comes. */
  private async sendNow(cells: readonly SentCell[]): Promise<void> {
    if (cells.length === 0) return;
    this.isSaving = true;
    const replies = await this.send(
      cells.map((one) => ({
        ...one,
        version: this.saved[cellKey(one.row, one.column)]?.version ?? 0
      }))
    );
    this.isSaving = false;
    this.isUnheard = replies === undefined;
    if (!replies) return;
    const [saved, left] = [{ ...this.saved }, { ...this.cells }];
    for (const { row, column, code, now } of replies) {
      const at = cellKey(row, column);
      if (now) saved[at] = now;
      const asked = cells.find((one) => one.row === row && one.column === column)!;
      // What was typed meanwhile is on its way.
      if (this.numberIn(column, left[at]?.typed ?? '') !== asked.value) continue;
      if (code === 'saved') delete left[at];
      else left[at] = { typed: left[at]!.typed, problem: this.refusedWords(column, code, now) };
    }
    [this.saved, this.cells] = [saved, left];
  }

  private numberIn(column: number, typed: string): number | null {
    const read = typed === '' ? null : this.columnOf(column).read(typed);
    return typeof read === 'number' ? read : null;
  }

  private refusedWords(column: number, code: string, now: SavedCell | null): string {
    if (code !== 'changed') return 'This could not be saved. Load the page again.';
    const there = now?.value === null || !now ? 'nothing' : this.columnOf(column).write(now.value);
    return `Changed elsewhere to ${there}. Type it again to keep yours.`;
  }
}

/** A whole number up to a most. */
export function upTo(most: number, what: string): Pick<GridColumn, 'read' | 'write'> {
  return {
    read(typed) {
      if (!/^\d{1,3}$/.test(typed)) return { problem: `A whole number of ${what} is needed.` };
      return Number(typed) > most ? { problem: `The most here is ${most}.` } : Number(typed);
    },
    write: String
  };
}

/** A time in minutes and seconds, `2:05`; two digits after a point or a colon, or whole seconds. */
export const minutesAndSeconds: Pick<GridColumn, 'read' | 'write'> = {
  read(typed) {
    const [, minutes, seconds] = /^(?:(\d{1,3})[:.])?(\d{1,4})$/.exec(typed) ?? [];
    const isRead = seconds !== undefined && (minutes === undefined || /^[0-5]\d$/.test(seconds));
    if (!isRead) return { problem: 'A time is typed 2:05, or in seconds.' };
    const time = 60 * Number(minutes ?? 0) + Number(seconds);
    return time > 7200 ? { problem: 'Two hours at the most.' } : time;
  },
  write: (value) => `${Math.floor(value / 60)}:${String(value % 60).padStart(2, '0')}`
};
