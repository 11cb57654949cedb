import { ANSWER } from '@zealous-quill/core/working';
import type { MarkingDesk } from './desk.svelte';
import type { ChangedAt } from './desk-options';
import { ALONE, HeldKeys, withoutModifiers, type HeldKey } from './held-keys';
import type { SheafWord } from './sheaf-words';

/** What the desk looks like, as far as going on needs it. */
export interface DeskView {
  readonly desk: MarkingDesk;
  readonly sheaves: readonly SheafWord[];
  /** Of the pile that is open, among those. */
  readonly sheafAt: number;
  /** Opens another pile; ends when it is there. */
  openSheaf(id: number): Promise<void>;
  /** Opens the pile in which a response is. */
  openAt(place: ChangedAt): Promise<void>;
  /** Waits until what has changed is on the screen. */
  shown(): Promise<void>;
  /** Puts the cursor into the answer, so that typing writes over it. */
  focusAnswer(): void;
  /** Puts the cursor into a field beside the answer; false if it is there already, or there is no such field. */
  focusBeside(step: string): boolean;
  openSquares(): Promise<void>;
  /** The cursor is in a field in which work goes on. */
  readonly isAtWork: boolean;
}

/** Going on from response to response, from pile to pile, and back. */
export class DeskFlow {
  /** Enter was pressed with nothing typed. */
  isMissing = $state(false);
  /** What is said when another pile has come by itself. */
  came = $state('');
  private readonly held = new HeldKeys();

  constructor(private readonly view: DeskView) {}

  /** Takes a key that is pressed while another pile is on its way. */
  take(key: HeldKey): boolean {
    return this.held.take(key);
  }

  /**
   * Enter: a right answer closes the response, a wrong one opens its squares. With Shift it stands alone: no working is
   * entered beside a wrong one either.
   */
  async finish({ isAlone = false } = {}): Promise<void> {
    const { view } = this;
    const before = view.desk.at;
    // What is asked for beside the answer is typed next; Enter there says that nothing stands.
    const beside = view.desk.apartLeft;
    if (beside && view.focusBeside(beside.id)) return;
    if (view.desk.answered({ isAlone })) {
      await this.goOn(before);
      return;
    }
    await view.shown();
    if (!view.desk.hasSquares) {
      this.isMissing = true;
      view.focusAnswer();
    } else if (!view.desk.isStopped) await view.openSquares();
  }

  /** The pupil wrote what the key says, or nothing. */
  async close(as: 'key' | 'blank'): Promise<void> {
    const { desk } = this.view;
    const before = desk.at;
    if (as === 'key') desk.asKey();
    else desk.asBlank();
    await this.goOn(before);
  }

  /** Takes the last change back, in whatever pile it was made; the cursor is where work goes on. */
  async undo(): Promise<void> {
    const { view } = this;
    const elsewhere = view.desk.undo();
    if (elsewhere) {
      await view.openAt(elsewhere);
      await view.shown();
      view.desk.undoAt(elsewhere);
    }
    await view.shown();
    if (!view.isAtWork) view.focusAnswer();
  }

  /** Goes on from a response that is closed: within the pile, or from its last to the next pile. */
  private async goOn(before: number): Promise<void> {
    const { view } = this;
    this.came = '';
    const next = view.sheaves.slice(view.sheafAt + 1).find(({ isAway }) => !isAway);
    if (view.desk.at !== before || !next) {
      await view.shown();
      view.focusAnswer();
      return;
    }
    const { left } = view.desk;
    const [from] = view.sheaves.slice(view.sheafAt);
    this.held.hold();
    try {
      await view.openSheaf(next.id);
      await view.shown();
      const rest = left > 0 ? ` ${from?.word}: ${left} still to mark.` : '';
      this.came = `Now ${next.word}.${rest}`;
      view.focusAnswer();
    } finally {
      for (const key of this.held.release()) await this.type(key);
    }
  }

  /** Types a key that was pressed before there was an answer to type it into. */
  private async type(key: string): Promise<void> {
    const { desk } = this.view;
    // It has closed a pile in its turn: those after it wait for the next.
    if (this.take({ key, ...withoutModifiers })) return;
    if (key === 'Enter') await this.finish();
    else if (key === ALONE) await this.finish({ isAlone: true });
    else if (key === '=') await this.close('key');
    else if (key === '#') await this.close('blank');
    else {
      const answer = desk.isUntouched ? '' : (desk.state.working[ANSWER] ?? '');
      desk.writeAnswer(key === 'Backspace' ? answer.slice(0, -1) : answer + key);
    }
  }
}
