import type { Told } from '../kit/told';
import type { ScriptPages } from './script-pages.svelte';
import { tellScript } from './tell-script';

interface Named {
  readonly id: number;
  readonly name: string;
}

/** What is done to a whole script: its pupil was absent, or a spare is given its name. All of it can be taken back. */
export class ScriptActs {
  /** What was done, or why it was not, and how to take it back. */
  notice = $state<Told | null>(null);

  /** `sittingId` is that of the page as it then is; `settle` saves what is typed first; `reload` reads the pile anew. */
  constructor(
    private readonly sittingId: () => number,
    private readonly settle: () => Promise<unknown>,
    private readonly reload: () => Promise<void>
  ) {}

  async setAbsent(script: Named, isAbsent: boolean): Promise<void> {
    if (!(await this.tell('absent', { scriptId: script.id, isAbsent }))) return;
    this.notice = isAbsent
      ? { text: `${script.name} was absent.`, undo: () => this.setAbsent(script, false) }
      : null;
  }

  /** Removes a page of a script; for good only when there is no way back any more. */
  removePage(pages: ScriptPages, scriptId: number, page: number): void {
    const own = pages.of(scriptId).find(({ id }) => id === page);
    if (!own) return;
    pages.hide(page);
    this.notice = {
      text: 'The page is removed.',
      undo: () => pages.show(page),
      done: () => void pages.remove(scriptId, own)
    };
  }

  /** A spare becomes the script of a pupil; `scripts` are those of the sitting as they are before. */
  async giveName(
    spare: { readonly id: number },
    pupil: Named,
    scripts: readonly { readonly id: number; readonly pupilId: number | null }[]
  ): Promise<void> {
    const before = scripts.find(({ pupilId }) => pupilId === pupil.id);
    if (!(await this.tell('name', { scriptId: spare.id, pupilId: pupil.id }))) return;
    const back = before
      ? { scriptId: before.id, pupilId: pupil.id }
      : { scriptId: spare.id, pupilId: null };
    this.notice = {
      text: `This script is ${pupil.name}’s.`,
      undo: () => this.tell('name', back)
    };
  }

  /** False if it was not heard or refused, which is said. */
  private async tell(what: 'absent' | 'name', said: object): Promise<boolean> {
    await this.settle();
    const problem = await tellScript(this.sittingId(), what, said);
    if (problem === '') await this.reload();
    else this.notice = { text: problem, undo: null };
    return problem === '';
  }
}
