import type { Reply } from '$lib/contract/replies';
import { askServer } from '../ask-server';

/** A picture of a script. */
export type Page = Reply<'scriptPages'>['pages'][number];

/** Where an item stands on the pages of a script: the page, and how far down it, from 0 to 1. */
export interface Spot {
  readonly page: number;
  readonly top: number;
}

/** Bytes a page may have. */
const LARGEST = 10 * 1024 * 1024;

/** The pages of the scripts of a sitting, changed on the server one act at a time. */
export class ScriptPages {
  problem = $state<string | null>(null);
  isBusy = $state(false);
  /** Which file of how many is on its way. */
  sending = $state.raw<{ at: number; of: number; name: string } | null>(null);
  private pages = $state.raw<Readonly<Record<number, readonly Page[]>>>({});
  private hidden = $state.raw<readonly number[]>([]);
  /** Where items were found, by their numbers: scripts of one paper are alike. */
  private readonly spots = new Map<number, Spot>();

  constructor(
    private readonly sittingId: number,
    pages: Readonly<Record<number, readonly Page[]>>
  ) {
    this.pages = pages;
  }

  /** The pages of a script in the order in which they are read, but for those about to be removed. */
  of(scriptId: number): readonly Page[] {
    return (this.pages[scriptId] ?? []).filter(({ id }) => !this.hidden.includes(id));
  }

  hide(page: number): void {
    this.hidden = [...this.hidden, page];
  }

  show(page: number): void {
    this.hidden = this.hidden.filter((id) => id !== page);
  }

  /** Remembers where an item was looked for. */
  remember(item: number, spot: Spot): void {
    this.spots.set(item, spot);
  }

  /** Where to look for an item: where it was before, else where the one before it was. */
  spotOf(item: number): Spot {
    const known = [...this.spots.keys()].filter((other) => other <= item);
    return (known.length > 0 && this.spots.get(Math.max(...known))) || { page: 0, top: 0 };
  }

  /** Adds files one after the other. One that is refused is named with the reason; those after it are still sent. */
  async add(scriptId: number, files: readonly File[]): Promise<void> {
    const refused: string[] = [];
    this.problem = null;
    for (const [at, file] of files.entries()) {
      this.sending = { at: at + 1, of: files.length, name: file.name };
      const problem = await this.addOne(scriptId, file);
      if (problem !== null) refused.push(files.length > 1 ? `${file.name}: ${problem}` : problem);
    }
    this.sending = null;
    this.problem = refused.length > 0 ? refused.join(' ') : null;
  }

  private async addOne(scriptId: number, file: File): Promise<string | null> {
    if (file.size > LARGEST) {
      const size = Math.ceil(file.size / 1024 / 1024);
      return `This file has ${size} MB; a page may have up to 10 MB.`;
    }
    await this.ask(scriptId, `?script=${scriptId}`, { bytes: file });
    return this.problem;
  }

  turn(scriptId: number, { id, turn }: Page): Promise<void> {
    return this.change(scriptId, id, { turn: (turn + 90) % 360 });
  }

  move(scriptId: number, { id }: Page, position: number): Promise<void> {
    return this.change(scriptId, id, { position });
  }

  remove(scriptId: number, { id }: Page): Promise<void> {
    return this.ask(scriptId, `/${id}`, { method: 'DELETE' });
  }

  private change(scriptId: number, id: number, asked: object): Promise<void> {
    return this.ask(scriptId, `/${id}`, { json: asked });
  }

  private async ask(
    scriptId: number,
    path: string,
    act: { json?: object; bytes?: File; method?: 'DELETE' }
  ): Promise<void> {
    this.isBusy = true;
    const answer = await askServer('scriptPages', `/marking/${this.sittingId}/pages${path}`, act);
    this.problem = answer.ok ? null : answer.message;
    if (answer.ok) this.pages = { ...this.pages, [scriptId]: answer.reply.pages };
    this.isBusy = false;
  }
}
