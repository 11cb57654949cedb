import { knownContexts } from './known-contexts';
import { undone, type Done, type Manner } from './undone';
import { PrintCrash, PrintProcess } from './print-process';
import type { PrintTasks } from './print-tasks';

/** How many prints may wait for the one that is made. */
const MOST_WAITING = 50;

const printer = new PrintProcess();
let waiting = 0;
let last: Promise<unknown> = Promise.resolve();

/** Makes the process ready, so that the first print need not wait for its code. */
export function startPrinter(): void {
  printer.start();
}

/**
 * Does a task of the typesetter in another process, one after the other. If that process dies of what it is given, whoever
 * asked is told, and the next task gets a new one.
 */
export async function runPrint<Name extends keyof PrintTasks>(
  name: Name,
  asked: Parameters<PrintTasks[Name]>[0],
  { limit, patience, signal }: Required<Omit<Manner, 'signal'>> & Pick<Manner, 'signal'>
): Promise<Done<ReturnType<PrintTasks[Name]>>> {
  if (signal?.aborted) return undone('left');
  if (waiting >= MOST_WAITING) return undone('busy');
  const before = last;
  let isOver = () => {};
  last = new Promise<void>((resolve) => (isOver = resolve));
  waiting++;
  try {
    const wait = await firstOf(before, { milliseconds: patience, signal });
    if (wait !== 'done') return undone(wait === 'late' ? 'busy' : 'left');
    const printing = printer.work({
      ...{ name, asked: asked as never, contexts: knownContexts() }
    });
    const print = await firstOf(printing, { milliseconds: limit, signal });
    if (print === 'done') {
      return { ok: true, result: (await printing) as ReturnType<PrintTasks[Name]> };
    }
    printing.catch(() => undefined);
    printer.end();
    return undone(print === 'late' ? 'slow' : 'left');
  } catch (error) {
    if (error instanceof PrintCrash) return undone('crashed');
    throw error;
  } finally {
    waiting--;
    // Who stops waiting leaves those behind it waiting for those before.
    void before.finally(isOver);
  }
}

/** What comes first: that something is done, that it is too late, or that nobody wants it any more. */
async function firstOf(
  work: Promise<unknown>,
  { milliseconds, signal }: { milliseconds: number; signal?: AbortSignal | undefined }
): Promise<'done' | 'late' | 'left'> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let leave = () => {};
  try {
    return await Promise.race([
      work.then(() => 'done' as const),
      new Promise<'late'>((resolve) => (timer = setTimeout(() => resolve('late'), milliseconds))),
      new Promise<'left'>((resolve) => {
        leave = () => resolve('left');
        signal?.addEventListener('abort', leave, { once: true });
      })
    ]);
  } finally {
    clearTimeout(timer);
    signal?.removeEventListener('abort', leave);
  }
}
