import { setImmediate } from 'node:timers/promises';

let last: Promise<void> = Promise.resolve();

/**
 * Resolves when all that asked before has had its turn. Requests that arrive together would else be answered in one go,
 * and everything that is due in between, an answer on health or a page that is sent, would wait for all of them.
 */
export function ownTurn(): Promise<void> {
  last = last.then(() => setImmediate());
  return last;
}
