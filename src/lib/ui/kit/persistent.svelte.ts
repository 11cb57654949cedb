import type { SubmitFunction } from '@sveltejs/kit';

/** Milliseconds from a form that was not heard to the next try. */
const RETRY = 3000;

/**
 * A form whose server may be away: what was typed stays and is sent again until it is heard. The form should carry a
 * key, so that nothing is done twice if only the answer was lost.
 */
export class Persistent {
  /** Why it is tried again; null when nothing waits. */
  problem = $state<string | null>(null);
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly done: () => void = () => undefined) {}

  /** Gives up; for a page that is left, or a form that is changed after all. */
  stop(): void {
    clearTimeout(this.timer);
    this.problem = null;
  }

  /** For `use:enhance`. */
  submit: SubmitFunction = ({ formElement }) => {
    clearTimeout(this.timer);
    return async ({ result, update }) => {
      const isUnheard = result.type === 'error' && (result.status ?? 500) >= 500;
      if (isUnheard) {
        const said = result.status === undefined ? undefined : result.error?.message;
        this.problem = said ?? 'The server does not answer. Nothing is lost; it is tried again.';
        this.timer = setTimeout(
          () => formElement.isConnected && formElement.requestSubmit(),
          RETRY
        );
        return;
      }
      this.problem = null;
      await update({ reset: false });
      if (result.type === 'success') this.done();
    };
  };
}
