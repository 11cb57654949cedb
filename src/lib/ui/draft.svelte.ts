/** What a save was answered with. What was refused stays so until it is changed; what was not heard is tried again. */
export type DraftReply<T> =
  | { ok: true; version: number }
  | { ok: false; code: 'changed'; version: number; current: T }
  | { ok: false; code: 'refused'; message: string }
  | { ok: false; code: 'unheard'; message: string };

export type DraftState = 'saved' | 'waiting' | 'saving' | 'problem' | 'clash';

/** Where a draft is kept over a reload of the page. */
export interface Keeper {
  get(): string | null;
  set(text: string): void;
  remove(): void;
}

/** Timers, so that a test can have its own. */
export interface Timers {
  set(run: () => void, milliseconds: number): unknown;
  clear(timer: unknown): void;
}

export interface DraftOptions<T> {
  readonly value: T;
  /** The version that the value was read at; every save raises it. */
  readonly version: number;
  save(value: T, version: number): Promise<DraftReply<T>>;
  readonly keeper?: Keeper;
  readonly timers?: Timers;
}

/** Milliseconds from the last change to a save, and from a failed save to the next. */
export const PAUSE = 400;
export const RETRY = 3000;
const MOST_STEPS = 100;

export const clock: Timers = {
  set: (run, milliseconds) => setTimeout(run, milliseconds),
  clear: (timer) => clearTimeout(timer as ReturnType<typeof setTimeout>)
};

/**
 * A value while it is edited. Each edit is a function of what stands there then, so that none takes back
 * another; it can be undone, is saved by itself over the version it was read at, is tried again after an
 * outage, and survives a reload. What was saved elsewhere meanwhile stands beside it until one is chosen.
 */
export class Draft<T> {
  value = $state.raw<T>() as T;
  state = $state<DraftState>('saved');
  problem = $state<string | null>(null);
  /** What stands on the server instead. */
  clash = $state.raw<{ theirs: T; version: number } | null>(null);
  version = $state(0);
  private past = $state.raw<readonly T[]>([]);
  private future = $state.raw<readonly T[]>([]);
  private readonly timers: Timers;
  private timer: unknown;
  private saving: Promise<void> | undefined;

  constructor(private readonly options: DraftOptions<T>) {
    this.timers = options.timers ?? clock;
    this.value = options.value;
    this.version = options.version;
    this.restore();
  }

  canUndo = $derived.by(() => this.past.length > 0);
  canRedo = $derived.by(() => this.future.length > 0);

  /** Changes what stands there now; a change to an equal value is none. */
  edit(change: (value: T) => T, pause = PAUSE): void {
    const next = change(this.value);
    if (JSON.stringify(next) === JSON.stringify(this.value)) return;
    this.past = [...this.past.slice(1 - MOST_STEPS), this.value];
    this.future = [];
    this.show(next, pause);
  }

  undo(): void {
    const before = this.past.at(-1);
    if (this.past.length === 0) return;
    this.past = this.past.slice(0, -1);
    this.future = [this.value, ...this.future];
    this.show(before as T, PAUSE);
  }

  redo(): void {
    if (this.future.length === 0) return;
    const [after, ...rest] = this.future;
    this.future = rest;
    this.past = [...this.past, this.value];
    this.show(after as T, PAUSE);
  }

  /** Settles a clash; the other side can be brought back by undoing. */
  settleClash(take: 'theirs' | 'mine'): void {
    if (!this.clash) return;
    const { theirs, version } = this.clash;
    const mine = this.value;
    this.clash = null;
    this.version = version;
    this.future = [];
    if (take === 'mine') {
      this.past = [...this.past, theirs];
      this.show(mine, 0);
    } else {
      this.past = [...this.past, mine];
      this.value = theirs;
      this.state = 'saved';
      this.keep();
    }
  }

  /** Saves at once what waits; true if all of it is on the server. */
  async settle(): Promise<boolean> {
    // What is changed while one save is under way is taken by the next.
    for (let turn = 0; turn < 3 && this.isOpen(); turn++) {
      this.cancel();
      await this.saveNow();
    }
    return this.state === 'saved';
  }

  /** Stops all that is planned; for a page that is left. */
  end(): void {
    this.cancel();
  }

  private isOpen(): boolean {
    return this.state === 'waiting' || this.state === 'saving' || this.state === 'problem';
  }

  private show(value: T, pause: number): void {
    this.value = value;
    if (this.clash) {
      this.keep();
      return;
    }
    if (this.state !== 'saving') this.state = 'waiting';
    this.keep();
    this.plan(pause);
  }

  private plan(pause: number): void {
    this.cancel();
    this.timer = this.timers.set(() => void this.saveNow(), pause);
  }

  private cancel(): void {
    this.timers.clear(this.timer);
  }

  /** One save after another: a second one waits for the first, and saves what stands there then. */
  private saveNow(): Promise<void> {
    const before = this.saving ?? Promise.resolve();
    const own = before.then(() => this.send());
    this.saving = own;
    return own;
  }

  private async send(): Promise<void> {
    if (this.clash || this.state === 'saved') return;
    const sent = this.value;
    this.state = 'saving';
    const reply = heard(sent, await this.options.save(sent, this.version));
    if (reply.ok) {
      this.version = reply.version;
      this.problem = null;
      this.state = this.value === sent ? 'saved' : 'waiting';
      if (this.value !== sent) this.plan(PAUSE);
    } else if (reply.code === 'changed') {
      this.clash = { theirs: reply.current, version: reply.version };
      this.state = 'clash';
    } else {
      this.problem = reply.message;
      this.state = 'problem';
      if (reply.code === 'unheard') this.plan(RETRY);
      else if (this.value !== sent) this.plan(PAUSE);
    }
    this.keep();
  }

  private keep(): void {
    const { keeper } = this.options;
    if (!keeper) return;
    const isSaved = this.state === 'saved';
    const { version, value, past, future } = this;
    keeper.set(JSON.stringify({ version, isSaved, value, past, future } satisfies Kept<T>));
  }

  /** Goes on from before a reload; an edit the server never heard of is saved now, or clashes with what it has. */
  private restore(): void {
    const kept = readKept<T>(this.options.keeper);
    if (!kept) return;
    const isSame = kept.version === this.version;
    if (kept.isSaved && !isSame) {
      this.options.keeper?.remove();
      return;
    }
    this.past = kept.past;
    this.future = kept.future;
    if (kept.isSaved) return;
    const theirs = this.value;
    // The last save before the reload may have been heard all the same.
    if (isEqual(theirs, kept.value)) return;
    this.value = kept.value;
    if (isSame) {
      this.state = 'waiting';
      this.plan(PAUSE);
    } else {
      this.state = 'clash';
      this.clash = { theirs, version: this.version };
    }
  }
}

/** A save that was heard although its answer was not finds its own value there: nobody else changed it. */
function heard<T>(sent: T, reply: DraftReply<T>): DraftReply<T> {
  const isOwn = !reply.ok && reply.code === 'changed' && isEqual(reply.current, sent);
  return isOwn ? { ok: true, version: reply.version } : reply;
}

/** Whether two values read the same as JSON, in whatever order their keys stand. */
function isEqual(one: unknown, other: unknown): boolean {
  return inOrder(one) === inOrder(other);
}

function inOrder(value: unknown): string {
  return JSON.stringify(value, (_, part: unknown) =>
    part !== null && typeof part === 'object' && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part
  );
}

interface Kept<T> {
  readonly version: number;
  readonly isSaved: boolean;
  readonly value: T;
  readonly past: readonly T[];
  readonly future: readonly T[];
}

function readKept<T>(keeper: Keeper | undefined): Kept<T> | undefined {
  const text = keeper?.get();
  if (!text) return undefined;
  try {
    return JSON.parse(text) as Kept<T>;
  } catch {
    return undefined;
  }
}

/** Keeps a draft in this tab of the browser, where it has room for it. */
export function tabKeeper(key: string): Keeper | undefined {
  if (typeof sessionStorage === 'undefined') return undefined;
  return {
    get: () => sessionStorage.getItem(key),
    set: (text) => {
      try {
        sessionStorage.setItem(key, text);
      } catch {
        // Without room the draft is saved all the same; only its history ends with the page.
        sessionStorage.removeItem(key);
      }
    },
    remove: () => sessionStorage.removeItem(key)
  };
}
