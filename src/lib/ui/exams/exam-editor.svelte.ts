import {
  addPart,
  examOutline,
  partKey,
  partsIn,
  questionsIn,
  withPart,
  type Exam,
  type ExamFacts,
  type ExamOutline,
  type PaperPart
} from '@zealous-quill/core/exams';
import type { Reply } from '$lib/contract/replies';
import type { Draft } from '../draft.svelte';
import { presentedWords } from './presented-words';

/** What an editor asks of the server. */
export type Want =
  | { readonly what: 'facts' }
  | { readonly what: 'other'; readonly parts: readonly string[] }
  | { readonly what: 'read'; readonly part: string; readonly line: string }
  | { readonly what: 'new'; readonly kind: PaperPart['kind']; readonly skill: string };

export type Answer =
  ({ readonly ok: true } & Reply<'examAnswer'>) | { readonly ok: false; readonly message: string };

export type Ask = (ask: { exam: Exam; turn: number; want: Want }) => Promise<Answer>;

/** What is known of the parts of an exam, by their keys: what is computed, and who has met their items. */
export interface Known {
  readonly facts: ExamFacts;
  readonly met: Readonly<Record<string, string>>;
}

/** A draft of an exam with what is known of its parts; what is asked is answered one after another. */
export class ExamEditor {
  facts = $state.raw<ExamFacts>({});
  private met = $state.raw<Readonly<Record<string, string>>>({});
  /** The question that was changed last, which the printed page follows. */
  edited = $state<string | null>(null);
  /** What could not be done, by part; under `new` for a part that was to come. */
  problems = $state<Record<string, string>>({});
  isBusy = $state(false);
  /** What another presentation did, by the key of the part as it was presented then. */
  private told = $state.raw<Readonly<Record<string, string>>>({});
  private turn: number;
  private asking: Promise<unknown> = Promise.resolve();

  constructor(
    readonly draft: Draft<Exam>,
    { facts, met }: Known,
    private readonly ask: Ask,
    /** The lines of its plan that an exam does not meet, in words; none where it has no plan. */
    private readonly lacking: (outline: ExamOutline) => readonly string[] = () => []
  ) {
    this.know(facts);
    this.met = met;
    this.turn = draft.version * 100;
  }

  exam = $derived.by(() => this.draft.value);
  outline = $derived.by(() => examOutline(this.exam, this.facts));

  /** Which class has met the item of a part; empty if none that is known of. */
  metBy(part: PaperPart): string {
    return this.met[partKey(part)] ?? '';
  }

  change(change: (exam: Exam) => Exam): void {
    this.draft.edit(change);
  }

  /** Changes a part; what is computed of it is learnt. */
  changePart(id: string, change: (part: PaperPart) => PaperPart): Promise<void> {
    this.follow(id);
    this.change((exam) => withPart(exam, id, change));
    return this.learn();
  }

  /** Presents a part otherwise, with the scheme and the space that are usual then; tells what that does. */
  async present(id: string, kind: PaperPart['kind']): Promise<void> {
    const before = this.standOf(id);
    await this.changePart(id, (part) => ({ ...part, kind, scheme: undefined, space: undefined }));
    const part = partsIn(this.exam).find((one) => one.id === id);
    if (!part || !before) return;
    this.told = { ...this.told, [partKey(part)]: presentedWords(before, this.standOf(id)!) };
  }

  /** What the presentation of a part did to its marks and to the plan; empty if nothing, or long ago. */
  toldOf(part: PaperPart): string {
    return this.told[partKey(part)] ?? '';
  }

  private standOf(id: string) {
    const found = this.outline.parts.find(({ part }) => part.id === id);
    return found && { marks: found.facts.marks, lacks: this.lacking(this.outline) };
  }

  /** Another item in the place of some: as hard, worth as much, with the same to show. */
  async other(ids: readonly string[]): Promise<void> {
    const answer = await this.answered({ what: 'other', parts: ids }, ids[0]!);
    if (answer) this.put(answer.given, { edited: false });
  }

  /** The item that was typed in the place of one; false if it is none. */
  async read(id: string, line: string): Promise<boolean> {
    const answer = await this.answered({ what: 'read', part: id, line }, id);
    if (answer) this.put(answer.given, { edited: true, locked: true });
    return answer !== undefined;
  }

  async add(section: string, kind: PaperPart['kind'], skill: string): Promise<void> {
    const answer = await this.answered({ what: 'new', kind, skill }, 'new');
    const added = answer?.added;
    if (!added) return;
    this.change((exam) => addPart(exam, section, added));
    this.follow(partsIn(this.exam).at(-1)!.id);
    await this.learn();
  }

  /** Learns what is not known yet of the parts: those of another window, or of before a reload. */
  async learn(): Promise<void> {
    const isKnown = partsIn(this.exam).every((part) => partKey(part) in this.facts);
    if (!isKnown) await this.answered({ what: 'facts' }, 'new');
  }

  /** Learns everything again, as the schemes of the department have changed. */
  async learnAnew(): Promise<void> {
    await this.answered({ what: 'facts' }, 'new');
  }

  /** Takes what is known of some parts, also as what is shown of each until more is known. */
  private know(facts: ExamFacts): void {
    const byId = Object.entries(facts).map(([key, own]) => [JSON.parse(key)[0] as string, own]);
    this.facts = { ...this.facts, ...facts, ...Object.fromEntries(byId) };
  }

  private put(
    given: Readonly<Record<string, unknown>>,
    marks: Partial<Pick<PaperPart, 'edited' | 'locked'>>
  ): void {
    const ids = Object.keys(given);
    this.follow(ids[0]!);
    this.change((exam) =>
      ids.reduce(
        (whole, id) => withPart(whole, id, (part) => ({ ...part, ...marks, given: given[id] })),
        exam
      )
    );
  }

  private follow(part: string): void {
    const question = questionsIn(this.exam).find(({ parts }) =>
      parts.some(({ id }) => id === part)
    );
    this.edited = question?.id ?? null;
  }

  /** One after another, each asked of the exam as it stands when its turn comes. */
  private answered(want: Want, place: string): Promise<(Answer & { ok: true }) | undefined> {
    const own = this.asking.then(async () => {
      this.isBusy = true;
      const answer = await this.ask({ exam: this.exam, turn: this.turn++, want });
      this.isBusy = false;
      this.problems[place] = answer.ok ? '' : answer.message;
      if (!answer.ok) return undefined;
      this.know(answer.facts);
      this.met = { ...this.met, ...answer.met };
      return answer;
    });
    this.asking = own.catch(() => undefined);
    return own;
  }
}
