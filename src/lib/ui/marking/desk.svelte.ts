import { isAnswerOnly, covers } from '@zealous-quill/core/schemes';
import {
  markItem,
  noResponse,
  type Attempt,
  type MarkedItem,
  type Response
} from '@zealous-quill/core/marking';
import { ANSWER, printValue, spreadAnswer } from '@zealous-quill/core/working';
import { Draft, tabKeeper } from '../draft.svelte';
import type { ChangedAt, DeskOptions } from './desk-options';
import { awardedIn, keyOf, workedOf, type Place, type SavedEntry } from './pile';
import { PileMarks } from './pile-marks';

/** The reason of a mark that nothing but a marker's eye can give. */
export const BY_HAND = 'judged by the marker';

const NOTHING: SavedEntry = { version: 0, ...noResponse };
const PAUSE = 250;

function without<T>(record: Readonly<Record<string, T>>, key: string): Record<string, T> {
  return Object.fromEntries(Object.entries(record).filter(([name]) => name !== key));
}

/**
 * A pile of responses on the marking desk, each a draft of its own: kept as it is typed, saved by itself,
 * marked as one types. Undoing goes back to where the last change was. The skills of the pile must be loaded.
 */
export class MarkingDesk {
  at = $state(0);
  /** Whether the squares are open although nothing stands in them. */
  isOpened = $state(false);
  /** What stood in the response when closing it stopped for the marker to look. */
  private stoppedAt = $state.raw<Response | null>(null);
  readonly pile: readonly Place[];
  private readonly drafts: ReadonlyMap<string, Draft<Response>>;
  private readonly trail: ChangedAt[];
  /** The marks of all that is in the pile. */
  readonly marks: PileMarks;

  constructor({
    pile,
    states,
    kept = {},
    at,
    elsewhere,
    save,
    keeper = keptInTab,
    trail = [],
    timers
  }: DeskOptions) {
    this.pile = pile;
    this.trail = trail;
    this.drafts = new Map(
      pile.map((place) => {
        const key = keyOf(place);
        const { version, ...value } = states[key] ?? NOTHING;
        const kept = keeper(key);
        const draft = new Draft<Response>({
          value,
          version,
          save: (entry, version) => save(place, entry, version),
          ...(kept && { keeper: kept }),
          ...(timers && { timers })
        });
        return [key, draft];
      })
    );
    this.marks = new PileMarks({
      ...{ pile, states, kept, elsewhere: elsewhere ?? {} },
      draftOf: (place) => this.draftOf(place)
    });
    this.at = this.startOf(at);
  }

  /** Where one goes on: where one was, if that waits; else at the next that does, from there round. */
  private startOf(at: number | null): number {
    const from = Math.max(0, at ?? 0);
    const places = this.pile.map((_, i) => (from + i) % this.pile.length);
    const waiting = places.find((place) => !this.entryOf(this.pile[place]!).isMarked);
    return waiting ?? Math.min(from, Math.max(0, this.pile.length - 1));
  }

  place = $derived.by(() => this.pile[this.at]!);
  draft = $derived.by(() => this.draftOf(this.place));
  state = $derived.by(() => this.draft.value);
  worked = $derived.by(() => workedOf(this.place.item));
  marked: MarkedItem = $derived.by(() =>
    markItem(this.worked, this.state.working, this.place.item.scheme)
  );
  /** What is asked for beside the answer, the way that was chosen: where a mark is for it. */
  apart = $derived.by(() => {
    const { marks } = this.place.item.scheme;
    return this.worked.graph.steps.filter(
      ({ id, isApart, isUnwritten }) =>
        isApart && !isUnwritten && marks.some((mark) => covers(mark, id))
    );
  });
  /** Of that, the first of which nothing is typed, once there is an answer. */
  apartLeft = $derived.by(() =>
    this.state.working[ANSWER] === undefined
      ? undefined
      : this.apart.find(({ id }) => this.state.working[id] === undefined)
  );
  /** Nothing of the working is written: it stands in squares. */
  private isBare = $derived.by(() =>
    Object.keys(this.state.working).every(
      (step) => step === ANSWER || this.apart.some(({ id }) => id === step)
    )
  );
  hasSquares = $derived.by(() => this.isOpened || !this.isBare);
  /** Nothing is entered and nothing decided: there is nothing to be said of it yet. */
  isUntouched = $derived.by(() => {
    const { isMarked, working, attempt, given } = this.state;
    const isBlank = Object.keys(working).length === 0 && Object.keys(given).length === 0;
    return !isMarked && isBlank && attempt === 'written';
  });
  awarded = $derived.by(() => awardedIn(this.marked, this.state));
  /** What was given before, where the present scheme would give something else; null where it is the same. */
  before = $derived.by(() => {
    const given = this.marks.keptFor(this.place);
    return given !== undefined && given !== this.awarded ? given : null;
  });
  /** Right over wrong working, or unreadable: it is not closed until the marker says so a second time. */
  private needsLook = $derived.by(() => {
    const { flags, steps, answer } = this.marked;
    const isUnreadable = [...steps, answer].some(({ verdict }) => verdict === 'unreadable');
    return flags.includes('contradicted') || isUnreadable;
  });
  isStopped = $derived.by(() => this.needsLook && this.stoppedAt === this.state);
  left = $derived.by(() => this.pile.filter((place) => !this.entryOf(place).isMarked).length);
  /** Responses with changes that the server has not acknowledged. */
  unsaved = $derived.by(() => this.pile.filter((place) => this.draftOf(place).state !== 'saved'));
  problem = $derived.by(
    () => this.unsaved.map((place) => this.draftOf(place).problem).find(Boolean) ?? null
  );
  /** Responses that someone else changed as well, in the order of the pile. */
  clashes = $derived.by(() => this.pile.filter((place) => this.draftOf(place).clash !== null));

  draftOf(place: Place): Draft<Response> {
    return this.drafts.get(keyOf(place))!;
  }

  entryOf(place: Place): Response {
    return this.draftOf(place).value;
  }

  /** Nothing but the answer can earn anything: a wrong one needs no squares. */
  isAnswerOnly = $derived.by(
    () =>
      isAnswerOnly(this.place.item) ||
      (this.apart.length > 0 && this.worked.graph.steps.length === this.apart.length + 1)
  );

  /** The answer as it is typed; of a choice, a letter stands for what it is before. */
  writeAnswer(text: string): void {
    const at = 'abcd'.indexOf(text.trim().toLowerCase() || '?');
    this.write(ANSWER, this.place.item.options?.[at]?.text ?? text);
  }

  write(step: string, text: string): void {
    this.change(({ working, attempt }) => {
      const others = without(working, step);
      return {
        working: text.trim() === '' ? others : { ...others, [step]: text },
        attempt: attempt === 'not-attempted' ? 'written' : attempt
      };
    });
  }

  /** The pupil wrote what the key says. */
  asKey(): void {
    const { item, scheme } = this.place.item;
    // Where there is nothing to compare, the marker says that all is there.
    const given = Object.fromEntries(
      scheme.marks.map(({ id, value }) => [id, { given: value, reason: BY_HAND }])
    );
    const written = item.answer === '' ? { given } : { working: this.keyed() };
    this.change(() => ({ attempt: 'written', isMarked: true, ...written }));
    this.next();
  }

  /** What the key says: the answer, and what is asked for beside it. */
  keyed(): Record<string, string> {
    const { key } = this.worked;
    const beside = this.apart.map(
      (step) => [step.id, printValue(step, key.get(step.id))!] as const
    );
    return { ...Object.fromEntries(beside), [ANSWER]: this.place.item.item.answer };
  }

  /** The pupil wrote nothing. */
  asBlank(): void {
    this.change(() => ({ working: {}, attempt: 'not-attempted', isMarked: true }));
    this.next();
  }

  /** Says how the item was attempted; what is said already is taken back. */
  attempt(how: Exclude<Attempt, 'written' | 'not-attempted'>): void {
    this.change(({ attempt }) => ({ attempt: attempt === how ? 'written' : how }));
  }

  comment(text: string): void {
    this.change(({ isMarked }) => ({ comment: text, isMarked }));
  }

  /**
   * A typed answer: a right one closes the item, a wrong one opens the squares unless it stands alone; nothing
   * typed decides nothing. True if it was closed.
   */
  answered({ isAlone = false } = {}): boolean {
    const answer = this.state.working[ANSWER] ?? '';
    if (this.isUntouched) return false;
    const hasSteps = this.state.attempt !== 'another-method';
    const isClosed = this.isAnswerOnly || this.marked.answer.verdict === 'correct';
    if (!this.isBare || !hasSteps || isClosed || this.isOpened || isAlone) {
      if (this.needsLook && !this.isStopped) {
        this.stoppedAt = this.state;
        return false;
      }
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

  /** Takes the last change back, where it was made; gives the response if it is of another pile, and is to be opened first. */
  undo(): ChangedAt | undefined {
    const last = this.trail.pop();
    if (last && !this.undoAt(last)) return last;
    const open = last ? -1 : this.pile.findIndex((place) => this.draftOf(place).canUndo);
    if (open >= 0) this.undoIn(open);
    return undefined;
  }

  /** Takes back the last change of a response; false if it is not in this pile. */
  undoAt({ script, item }: ChangedAt): boolean {
    const at = this.pile.findIndex((one) => one.script.id === script && one.item.id === item);
    if (at >= 0) this.undoIn(at);
    return at >= 0;
  }

  private undoIn(at: number): void {
    this.go(at);
    this.draft.undo();
  }

  /** Waits until everything is acknowledged; false if something is not. */
  async settle(): Promise<boolean> {
    const settled = await Promise.all(this.unsaved.map((place) => this.draftOf(place).settle()));
    return settled.every(Boolean);
  }

  private change(change: (entry: Response) => Partial<Response>): void {
    const before = this.state;
    const changed = change(before);
    const keepsMark = 'isMarked' in changed || 'given' in changed;
    this.draft.edit(
      (entry) => ({ ...entry, ...(keepsMark ? {} : { isMarked: false }), ...changed }),
      changed.isMarked === true ? 0 : PAUSE
    );
    const { script, item } = this.place;
    if (this.state !== before) this.trail.push({ script: script.id, item: item.id });
  }
}

const keptInTab = (key: string) => tabKeeper(`response/${key}`);
