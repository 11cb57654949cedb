import { markItem, type MarkedItem } from '@zealous-quill/core/marking';
import type { Printed, Snapshot } from '@zealous-quill/core/papers';
import { skillOf, WorkedItem } from '@zealous-quill/core/skills';
import { ANSWER, spreadAnswer } from '@zealous-quill/core/working';
import { Draft, tabKeeper, type DraftReply, type Keeper, type Timers } from '../draft.svelte';

/** A part as it was when the paper was sat. */
export interface DeskItem extends Pick<Snapshot, 'item' | 'scheme'> {
  readonly printed: Pick<Printed, 'layout'>;
  readonly id: number;
  readonly number: number;
  readonly kind: string;
}

export interface DeskScript {
  readonly id: number;
  readonly name: string;
}

/** One response: a part on a script. */
export interface Place {
  readonly script: DeskScript;
  readonly item: DeskItem;
}

/** What stands in a response. */
export interface Entry {
  readonly working: Readonly<Record<string, string>>;
  readonly isMarked: boolean;
  readonly given: Readonly<Record<string, { given: number; reason: string }>>;
}

export type SavedEntry = Entry & { readonly version: number };

export interface DeskOptions {
  readonly pile: readonly Place[];
  /** What was read of each response, by {@link keyOf}. */
  readonly states: Readonly<Record<string, SavedEntry>>;
  readonly start: number;
  save(place: Place, entry: Entry, version: number): Promise<DraftReply<Entry>>;
  /** Where a response is kept over a reload; this tab, if absent. */
  keeper?(key: string): Keeper | undefined;
  readonly timers?: Timers;
}

const NOTHING: SavedEntry = { version: 0, working: {}, isMarked: false, given: {} };
const PAUSE = 250;

function without<T>(record: Readonly<Record<string, T>>, key: string): Record<string, T> {
  return Object.fromEntries(Object.entries(record).filter(([name]) => name !== key));
}

export const keyOf = (place: Place): string => `${place.script.id}/${place.item.id}`;

/**
 * A pile of responses on the marking desk, each a draft of its own: kept as it is typed, saved by itself,
 * marked as one types. Undoing goes back to where the last change was. The skills of the pile must be loaded.
 */
export class MarkingDesk {
  at = $state(0);
  /** Whether the squares are open although nothing stands in them. */
  isOpened = $state(false);
  readonly pile: readonly Place[];
  private readonly drafts: ReadonlyMap<string, Draft<Entry>>;
  private order: string[] = [];

  constructor({ pile, states, start, save, keeper = keptInTab, timers }: DeskOptions) {
    this.pile = pile;
    this.at = Math.min(Math.max(0, start), Math.max(0, pile.length - 1));
    this.drafts = new Map(
      pile.map((place) => {
        const key = keyOf(place);
        const { version, ...value } = states[key] ?? NOTHING;
        const kept = keeper(key);
        const draft = new Draft<Entry>({
          value,
          version,
          save: (entry, version) => save(place, entry, version),
          ...(kept && { keeper: kept }),
          ...(timers && { timers })
        });
        return [key, draft];
      })
    );
  }

  place = $derived.by(() => this.pile[this.at]!);
  draft = $derived.by(() => this.draftOf(this.place));
  state = $derived.by(() => this.draft.value);
  worked = $derived.by(() => {
    const { skill, given, school } = this.place.item.item;
    return new WorkedItem(skillOf(skill), given, school);
  });
  marked: MarkedItem = $derived.by(() =>
    markItem(this.worked, this.state.working, this.place.item.scheme)
  );
  hasSquares = $derived.by(
    () => this.isOpened || Object.keys(this.state.working).some((step) => step !== ANSWER)
  );
  /** Nothing is entered and nothing decided: there is nothing to be said of it yet. */
  isUntouched = $derived.by(
    () => !this.state.isMarked && Object.keys(this.state.working).length === 0
  );
  awarded = $derived.by(() =>
    this.marked.marks.lines.reduce(
      (sum, { id, awarded }) => sum + (this.state.given[id]?.given ?? awarded),
      0
    )
  );
  left = $derived.by(() => this.pile.filter((place) => !this.entryOf(place).isMarked).length);
  /** Responses with changes that the server has not acknowledged. */
  unsaved = $derived.by(() => this.pile.filter((place) => this.draftOf(place).state !== 'saved'));
  problem = $derived.by(
    () => this.unsaved.map((place) => this.draftOf(place).problem).find(Boolean) ?? null
  );
  /** Responses that someone else changed as well, in the order of the pile. */
  clashes = $derived.by(() => this.pile.filter((place) => this.draftOf(place).clash !== null));

  draftOf(place: Place): Draft<Entry> {
    return this.drafts.get(keyOf(place))!;
  }

  entryOf(place: Place): Entry {
    return this.draftOf(place).value;
  }

  /** How a response in the pile stands, for the strip above it. */
  standing(place: Place): 'marked' | 'begun' | 'waiting' {
    const { isMarked, working } = this.entryOf(place);
    if (isMarked) return 'marked';
    return Object.keys(working).length > 0 ? 'begun' : 'waiting';
  }

  write(step: string, text: string): void {
    this.change(({ working }) => {
      const others = without(working, step);
      return { working: text.trim() === '' ? others : { ...others, [step]: text } };
    });
  }

  /** The pupil wrote what the key says. */
  asKey(): void {
    const answer = this.place.item.item.answer;
    this.change(() => ({ working: { [ANSWER]: answer }, isMarked: true }));
    this.next();
  }

  /** The pupil wrote nothing. */
  asBlank(): void {
    this.change(() => ({ working: {}, isMarked: true }));
    this.next();
  }

  /**
   * A typed answer: a right one closes the item, a wrong one opens the squares; nothing typed decides
   * nothing. True if it was closed.
   */
  answered(): boolean {
    const answer = this.state.working[ANSWER] ?? '';
    if (Object.keys(this.state.working).length === 0) return false;
    const isBare = Object.keys(this.state.working).every((step) => step === ANSWER);
    if (!isBare || this.marked.answer.verdict === 'correct' || this.isOpened) {
      this.done();
      return true;
    }
    const squares = spreadAnswer(this.worked.graph, answer.trim());
    this.isOpened = true;
    if (squares) this.change(() => ({ working: squares }));
    return false;
  }

  done(): void {
    this.change(() => ({ isMarked: true }));
    this.next();
  }

  /** A mark other than the proposed one needs a reason; the proposed value takes the change back. */
  give(mark: string, value: number | null, reason: string): void {
    this.change(({ given }) => {
      const others = without(given, mark);
      return { given: value === null ? others : { ...others, [mark]: { given: value, reason } } };
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
    const last =
      this.order.pop() ?? this.pile.map(keyOf).find((key) => this.drafts.get(key)!.canUndo);
    const at = this.pile.findIndex((place) => keyOf(place) === last);
    if (at < 0) return;
    this.go(at);
    this.draft.undo();
  }

  /** Waits until everything is acknowledged; false if something is not. */
  async settle(): Promise<boolean> {
    const settled = await Promise.all(this.unsaved.map((place) => this.draftOf(place).settle()));
    return settled.every(Boolean);
  }

  private change(change: (entry: Entry) => Partial<Entry>): void {
    const key = keyOf(this.place);
    this.order.push(key);
    const isDone = change(this.state).isMarked === true;
    this.draft.edit(
      (entry) => {
        const changed = change(entry);
        const keepsMark = 'isMarked' in changed || 'given' in changed;
        return { ...entry, ...(keepsMark ? {} : { isMarked: false }), ...changed };
      },
      isDone ? 0 : PAUSE
    );
  }
}

const keptInTab = (key: string) => tabKeeper(`response/${key}`);
