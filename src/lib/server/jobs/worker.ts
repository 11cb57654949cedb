import type { MessagePort } from 'node:worker_threads';
import { tasks, type Task, type Tasks } from './tasks';

/** One task for this thread; `port` is told when it begins, as the thread may have had to load everything first. */
export interface Order {
  readonly name: keyof Tasks;
  readonly asked: never;
  readonly port: MessagePort;
}

export default function work({ name, asked, port }: Order): unknown {
  port.postMessage('started');
  const task: Task = tasks[name];
  return task(asked, (report) => port.postMessage(report));
}
