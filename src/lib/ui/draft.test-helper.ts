import type { DraftReply, Keeper, Timers } from './draft.svelte';

/** Timers that run when a test says so, in the order of their time. */
export class Clock implements Timers {
  private now = 0;
  private waiting: { at: number; run: () => void }[] = [];

  set(run: () => void, milliseconds: number): unknown {
    const timer = { at: this.now + milliseconds, run };
    this.waiting.push(timer);
    return timer;
  }

  clear(timer: unknown): void {
    this.waiting = this.waiting.filter((one) => one !== timer);
  }

  /** Lets time pass, and what it sets off end. */
  async pass(milliseconds: number): Promise<void> {
    const until = this.now + milliseconds;
    for (;;) {
      await settled();
      const [first] = this.waiting
        .filter(({ at }) => at <= until)
        .sort((one, other) => one.at - other.at);
      if (!first) break;
      this.clear(first);
      this.now = first.at;
      first.run();
    }
    this.now = until;
    await settled();
  }
}

/** Lets promises that are answered already run on. */
export const settled = () => new Promise((resolve) => setImmediate(resolve));

/** What one tab of a browser keeps. */
export class Tab implements Keeper {
  text: string | null = null;
  get = () => this.text;
  set = (text: string) => void (this.text = text);
  remove = () => void (this.text = null);
}

/** A server that keeps one value with its version, and can be cut off or made to wait. */
export class Store<T> {
  version = 1;
  isDown = false;
  refuses: string | null = null;
  saves = 0;
  private hold: Promise<void> | undefined;

  constructor(public value: T) {}

  save = async (value: T, version: number): Promise<DraftReply<T>> => {
    this.saves++;
    await this.hold;
    if (this.isDown) return { ok: false, code: 'unheard', message: 'no answer' };
    if (this.refuses) return { ok: false, code: 'refused', message: this.refuses };
    if (version !== this.version) {
      return { ok: false, code: 'changed', version: this.version, current: this.value };
    }
    this.value = value;
    return { ok: true, version: ++this.version };
  };

  /** Someone else saves. */
  put(value: T): void {
    this.value = value;
    this.version++;
  }

  /** Answers nothing until the function given back is called. */
  wait(): () => void {
    let release = () => {};
    this.hold = new Promise((resolve) => (release = resolve));
    return () => {
      this.hold = undefined;
      release();
    };
  }
}
