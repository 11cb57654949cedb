import type { MessagePort } from 'node:worker_threads';
import { tasks, type Tasks } from './tasks';

/** One task for this thread; `started` is told when it begins, as the thread may have had to load everything first. */
export interface Order {
  readonly name: keyof Tasks;
  readonly asked: never;
  readonly started: MessagePort;
}

export default function work({ name, asked, started }: Order): unknown {
  started.postMessage('started');
  started.close();
  return tasks[name](asked);
}
