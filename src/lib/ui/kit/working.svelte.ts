import type { SubmitFunction } from '@sveltejs/kit';

/** Milliseconds after which work is worth showing. */
const SHOWN_AFTER = 300;

/** A form whose work takes a while: whether it is under way, for how long, and how to stop it. */
export class Working {
  isBusy = $state(false);
  /** Seconds since it began, once that is worth showing. */
  seconds = $state<number | null>(null);
  /** Why it came to nothing, for a form of another page, which says nothing here by itself. */
  problem = $state('');
  private stopping: AbortController | undefined;

  stop(): void {
    this.stopping?.abort();
  }

  /** For `use:enhance`: a second press while one is under way does nothing. */
  during: SubmitFunction = ({ controller, cancel }) => {
    if (this.isBusy) {
      cancel();
      return;
    }
    this.isBusy = true;
    this.problem = '';
    this.stopping = controller;
    const since = Date.now();
    const show = () => (this.seconds = Math.floor((Date.now() - since) / 1000));
    const first = setTimeout(show, SHOWN_AFTER);
    const clock = setInterval(show, 1000);
    const end = () => {
      clearTimeout(first);
      clearInterval(clock);
      this.isBusy = false;
      this.seconds = null;
    };
    // A form that was stopped is answered by nobody.
    controller.signal.addEventListener('abort', end);
    return async ({ result, update }) => {
      end();
      if (result.type === 'failure') this.problem = String(result.data?.['problem'] ?? '');
      await update({ reset: false });
    };
  };
}
