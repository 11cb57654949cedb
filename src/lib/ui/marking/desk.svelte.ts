import { markItem, type MarkedItem, type Scheme } from '@zealous-quill/core/marking';
import { skillOf, type Item } from '@zealous-quill/core/skills';
import { ANSWER, spreadAnswer } from '@zealous-quill/core/working';

/** An item as it was when the paper was sat. */
export interface DeskItem {
  readonly id: number;
  readonly number: number;
  readonly kind: string;
  readonly item: Item;
  readonly scheme: Scheme;
}

export interface DeskScript {
  readonly id: number;
  readonly name: string;
}

/** One response: an item on a script. */
export interface Place {
  readonly script: DeskScript;
  readonly item: DeskItem;
}

export interface DeskState {
  readonly version: number;
  readonly working: Readonly<Record<string, string>>;
  readonly isMarked: boolean;
  readonly given: Readonly<Record<string, { given: number; reason: string }>>;
}

export type SaveReply =
  | { ok: true; version: number }
  | { ok: false; code: 'changed'; current: DeskState }
  | { ok: false; code: 'problem'; message: string };

export type SaveState = (place: Place, state: DeskState) => Promise<SaveReply>;

const NOTHING: DeskState = { version: 0, working: {}, isMarked: false, given: {} };
const PAUSE = 250;
const RETRY = 3000;

function without<T>(record: Readonly<Record<string, T>>, key: string): Record<string, T> {
  return Object.fromEntries(Object.entries(record).filter(([name]) => name !== key));
}

export const keyOf = (place: Place): string => `${place.script.id}/${place.item.id}`;

/**
 * A pile of responses on the marking desk. Entries are kept as they are typed, saved by themselves one after
 * another, marked as one types, and can be undone.
 */
export class MarkingDesk {
  at = $state(0);
  states = $state.raw<Readonly<Record<string, DeskState>>>({});
  /** Responses with changes that the server has not acknowledged. */
  unsaved = $state.raw<ReadonlySet<string>>(new Set());
  problem = $state<string | null>(null);
  /** Someone else changed a response that was changed here too. */
  clash = $state.raw<{ place: Place; current: DeskState } | null>(null);
  /** Whether the squares are open although nothing stands in them. */
  isOpened = $state(false);
  private past: { at: number; key: string; state: DeskState }[] = [];
  private timers = new Map<string, ReturnType<typeof setTimeout>>();
  private busy = new Map<string, Promise<void>>();

  constructor(
    readonly pile: readonly Place[],
    states: Readonly<Record<string, DeskState>>,
    private readonly save: SaveState,
    start: number
  ) {
    this.states = states;
    this.at = Math.min(Math.max(0, start), Math.max(0, pile.length - 1));
  }

  place = $derived.by(() => this.pile[this.at]!);
  state = $derived.by(() => this.states[keyOf(this.place)] ?? NOTHING);
  skill = $derived.by(() => skillOf(this.place.item.item.skill));
  graph = $derived.by(() =>
    this.skill.graph(this.place.item.item.given, this.place.item.item.school)
  );
  marked: MarkedItem = $derived.by(() => this.mark(this.place, this.state));
  marks = $derived.by(() => this.place.item.scheme.marks);
  hasSquares = $derived.by(
    () => this.isOpened || Object.keys(this.state.working).some((step) => step !== ANSWER)
  );
  awarded = $derived.by(() =>
    this.marked.marks.lines.reduce(
      (sum, { id, awarded }) => sum + (this.state.given[id]?.given ?? awarded),
      0
    )
  );
  left = $derived.by(
    () => this.pile.filter((place) => !this.states[keyOf(place)]?.isMarked).length
  );

  /** How a response in the pile stands, for the strip above it. */
  standing(place: Place): 'marked' | 'begun' | 'waiting' {
    const state = this.states[keyOf(place)];
    if (state?.isMarked) return 'marked';
    return state && Object.keys(state.working).length > 0 ? 'begun' : 'waiting';
  }

  write(step: string, text: string): void {
    const others = without(this.state.working, step);
    this.change({ working: text.trim() === '' ? others : { ...others, [step]: text } });
  }

  /** The pupil wrote what the key says. */
  asKey(): void {
    this.change({ working: { [ANSWER]: this.place.item.item.answer }, isMarked: true });
    this.next();
  }

  /** A typed answer: right or empty closes the item; wrong opens the squares. True if it was closed. */
  answered(): boolean {
    const answer = this.state.working[ANSWER] ?? '';
    const isBare = Object.keys(this.state.working).every((step) => step === ANSWER);
    if (answer === '' || !isBare || this.marked.answer.verdict === 'correct' || this.isOpened) {
      this.done();
      return true;
    }
    const squares = spreadAnswer(this.graph, answer.trim());
    this.isOpened = true;
    if (squares) this.change({ working: squares });
    return false;
  }

  done(): void {
    this.change({ isMarked: true });
    this.next();
  }

  /** A mark other than the proposed one needs a reason; the proposed value takes the change back. */
  give(mark: string, value: number | null, reason: string): void {
    const others = without(this.state.given, mark);
    this.change({
      given: value === null ? others : { ...others, [mark]: { given: value, reason } }
    });
  }

  go(to: number): void {
    this.isOpened = false;
    this.at = Math.min(this.pile.length - 1, Math.max(0, to));
  }

  next(): void {
    this.go(this.at + 1);
  }

  previous(): void {
    this.go(this.at - 1);
  }

  undo(): void {
    const last = this.past.pop();
    if (!last) return;
    this.go(last.at);
    const version = this.states[last.key]?.version ?? 0;
    this.put(last.key, { ...last.state, version });
    this.saveSoon(this.pile[last.at]!, 0);
  }

  /** Settles a clash: what stands on the server, or what stands here over it. */
  settleClash(take: 'theirs' | 'mine'): void {
    const clash = this.clash;
    if (!clash) return;
    this.clash = null;
    const key = keyOf(clash.place);
    if (take === 'theirs') {
      this.put(key, clash.current);
      this.setUnsaved(key, false);
    } else {
      this.put(key, { ...(this.states[key] ?? NOTHING), version: clash.current.version });
      this.saveSoon(clash.place, 0);
    }
  }

  /** Waits until everything is acknowledged; false if something is not. */
  async settle(): Promise<boolean> {
    this.pile
      .filter((place) => this.timers.has(keyOf(place)))
      .forEach((place) => this.saveSoon(place, 0));
    await new Promise((resolve) => setTimeout(resolve, 5));
    await Promise.all(this.busy.values());
    return this.unsaved.size === 0;
  }

  private change(change: Partial<DeskState>): void {
    const key = keyOf(this.place);
    this.past.push({ at: this.at, key, state: this.state });
    if (this.past.length > 200) this.past.shift();
    const keepsMark = 'isMarked' in change || 'given' in change;
    this.put(key, { ...this.state, ...(keepsMark ? {} : { isMarked: false }), ...change });
    this.saveSoon(this.place, change.isMarked ? 0 : PAUSE);
  }

  private mark({ item }: Place, { working }: DeskState): MarkedItem {
    const { skill, given, school } = item.item;
    return markItem(skillOf(skill), { given, school, working, scheme: item.scheme });
  }

  private put(key: string, state: DeskState): void {
    this.states = { ...this.states, [key]: state };
  }

  private setUnsaved(key: string, is: boolean): void {
    const unsaved = new Set(this.unsaved);
    if (is) unsaved.add(key);
    else unsaved.delete(key);
    this.unsaved = unsaved;
  }

  private saveSoon(place: Place, pause: number): void {
    const key = keyOf(place);
    this.setUnsaved(key, true);
    clearTimeout(this.timers.get(key));
    this.timers.set(
      key,
      setTimeout(() => {
        this.timers.delete(key);
        const before = this.busy.get(key) ?? Promise.resolve();
        this.busy.set(
          key,
          before.then(() => this.saveNow(place))
        );
      }, pause)
    );
  }

  private async saveNow(place: Place): Promise<void> {
    const key = keyOf(place);
    const sent = this.states[key] ?? NOTHING;
    const reply = await this.save(place, sent);
    if (reply.ok) {
      this.problem = null;
      const now = this.states[key] ?? NOTHING;
      this.put(key, { ...now, version: reply.version });
      if (now === sent) this.setUnsaved(key, false);
    } else if (reply.code === 'changed') {
      this.clash = { place, current: reply.current };
    } else {
      this.problem = reply.message;
      this.saveSoon(place, RETRY);
    }
  }
}
