import { afterNavigate, beforeNavigate, goto } from '$app/navigation';

/** What may not be saved yet. */
export interface Unsaved {
  isSaved(): boolean;
  /** Tries to save it now; true if all of it is on the server. */
  settle?(): Promise<boolean>;
}

/** Milliseconds for which leaving waits for a last save. */
const PATIENCE = 3000;
const QUESTION = 'Something here is not saved yet. Leave it?';

/**
 * For a page with work on it: whoever closes the window is warned by the browser; whoever goes to another page waits
 * until all is saved, and is asked if it cannot be. To be called while the page is set up.
 */
export function guardLeaving(work: Unsaved): void {
  let mayLeave = false;
  beforeNavigate(({ willUnload, cancel, to, delta }) => {
    if (mayLeave || work.isSaved()) return;
    cancel();
    if (willUnload || !to) return;
    void settled(work).then((isSaved) => {
      if (!isSaved && !confirm(QUESTION)) return;
      mayLeave = true;
      if (delta) history.go(delta);
      else void goto(to.url);
    });
  });
  afterNavigate(() => (mayLeave = false));
}

function settled({ settle }: Unsaved): Promise<boolean> {
  const late = new Promise<boolean>((resolve) => setTimeout(() => resolve(false), PATIENCE));
  return settle ? Promise.race([settle(), late]) : Promise.resolve(false);
}
