import { TooMuchWork } from '@zealous-quill/core/spaces';
import type { MessagePort } from 'node:worker_threads';
import { knowContexts, type KnownContexts } from './known-contexts';
import { tasks, type Task, type Tasks } from './tasks';

/** One task for this thread; `port` is told when it begins, as the thread may have had to load everything first. */
export interface Order {
  readonly name: keyof Tasks;
  readonly asked: never;
  readonly port: MessagePort;
  readonly contexts: KnownContexts;
}

/** What a task gave, or that it asks for more work than it may have, and what makes it so dear if that is known. */
export type Outcome =
  | { readonly ok: true; readonly result: unknown }
  | { readonly ok: false; readonly code: 'too-hard'; readonly leaveOut: readonly string[] };

export default async function work({ name, asked, port, contexts }: Order): Promise<Outcome> {
  port.postMessage('started');
  await knowContexts(contexts);
  const task: Task = tasks[name];
  try {
    return { ok: true, result: await task(asked) };
  } catch (error) {
    if (error instanceof TooMuchWork) {
      return { ok: false, code: 'too-hard', leaveOut: error.leaveOut };
    }
    throw error;
  }
}
