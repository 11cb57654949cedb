import { knowContexts, type KnownContexts } from './known-contexts';
import { printTasks, type PrintTasks } from './print-tasks';

/** One task for this process. */
export interface PrintOrder {
  readonly name: keyof PrintTasks;
  readonly asked: never;
  readonly contexts: KnownContexts;
}

/** What became of it. */
export type PrintAnswer =
  { readonly ok: true; readonly result: unknown } | { readonly ok: false; readonly error: string };

process.on('message', async ({ name, asked, contexts }: PrintOrder) => {
  const task: (asked: never) => unknown = printTasks[name];
  const answer = (one: PrintAnswer) => process.send!(one);
  try {
    await knowContexts(contexts);
    answer({ ok: true, result: task(asked) });
  } catch (error) {
    answer({
      ok: false,
      error: error instanceof Error ? (error.stack ?? error.message) : `${error}`
    });
  }
});
// It never outlives the server.
process.on('disconnect', () => process.exit());
// Who stops the server with Ctrl+C stops this as well: the server says when.
process.on('SIGINT', () => undefined);
