import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import type { Tasks } from './tasks';

/** Milliseconds that a task may take once it has begun, and how many may wait. */
const LIMIT = 2000;
const MOST_WAITING = 50;

/** A task that was not done: it took too long, or too many wait before it. */
export type Undone = { readonly code: 'too-hard' } | { readonly code: 'busy' };

export type Done<Result> =
  { readonly ok: true; readonly result: Result } | { readonly ok: false; readonly error: Undone };

let pool: Piscina | undefined;

/**
 * Does a task in another thread, so that whoever saves a mark meanwhile does not wait for it. One that takes longer
 * than the limit is broken off, with its thread.
 */
export async function run<Name extends keyof Tasks>(
  name: Name,
  asked: Parameters<Tasks[Name]>[0],
  limit = LIMIT
): Promise<Done<ReturnType<Tasks[Name]>>> {
  const breaking = new AbortController();
  const { port1, port2 } = new MessageChannel();
  let timer: NodeJS.Timeout | undefined;
  port1.once('message', () => {
    timer = setTimeout(() => breaking.abort(), limit);
  });
  port1.unref();
  try {
    const result = await threads().run(
      { name, asked, started: port2 },
      { signal: breaking.signal, transferList: [port2] }
    );
    return { ok: true, result: result as ReturnType<Tasks[Name]> };
  } catch (error) {
    if (breaking.signal.aborted) return { ok: false, error: { code: 'too-hard' } };
    if (/queue is at limit/i.test(String(error))) return { ok: false, error: { code: 'busy' } };
    throw error;
  } finally {
    clearTimeout(timer);
    port1.close();
  }
}

/** The threads, one fewer than the machine has cores, made when they are first needed. */
function threads(): Piscina {
  pool ??= new Piscina({
    ...workerFile(),
    minThreads: 1,
    maxThreads: Math.max(1, availableParallelism() - 1),
    maxQueue: MOST_WAITING,
    env: process.env as Record<string, string>
  });
  return pool;
}

/** The built worker, where there is one above this file; else its source, which is transformed as it is loaded. */
function workerFile(): { filename: string; execArgv: string[] } {
  for (let folder = dirname(fileURLToPath(import.meta.url)); ; folder = dirname(folder)) {
    const built = join(folder, 'workers', 'compute.js');
    if (existsSync(built)) return { filename: built, execArgv: [] };
    if (folder === dirname(folder)) break;
  }
  return { filename: fileURLToPath(new URL('./source-worker.js', import.meta.url)), execArgv: [] };
}
