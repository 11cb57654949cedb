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

/** Milliseconds that a task may wait for those before it: a thread that was broken off takes a second to be made anew. */
const PATIENCE = 6000;
const FIRST_PATIENCE = 60_000;

/** What takes longer waits for its like alone, in a thread of its own, and may take so long. */
const longer: Partial<Record<keyof Tasks, number>> = {
  // Items are looked for that show a pattern, in several skills.
  practice: 10_000,
  assemble: 10_000,
  // A million products are looked at.
  suiting: 10_000,
  quick: 10_000,
  quickPrint: 10_000,
  forms: 10_000,
  snapshots: 20_000,
  // Thirty forms of ten pages take the better part of ten seconds.
  print: 30_000,
  preview: 10_000,
  feedback: 10_000,
  // Nobody waits for these but who asked for them; a department of ten years is half a gigabyte.
  backup: 180_000,
  unpack: 180_000
};

/** A task that was not done: it took too long, too many wait before it, or who asked for it has gone. */
export interface Undone {
  readonly code: 'too-hard' | 'busy' | 'left';
}

export type Done<Result> =
  { readonly ok: true; readonly result: Result } | { readonly ok: false; readonly error: Undone };

interface Manner {
  /** Milliseconds it may take, and how many it may wait before it begins. */
  readonly limit?: number;
  readonly patience?: number;
  /** Told what the task reports on its way. */
  readonly heard?: (report: string) => void;
  /** Aborted when nobody wants the result any more. */
  readonly signal?: AbortSignal;
}

const pools = new Map<'short' | 'long', Piscina>();

/**
 * Does a task in another thread, so that whoever saves a mark meanwhile does not wait for it. One that takes longer
 * than the limit is broken off, with its thread.
 */
export async function run<Name extends keyof Tasks>(
  name: Name,
  asked: Parameters<Tasks[Name]>[0],
  { limit = longer[name] ?? LIMIT, patience = PATIENCE + limit - LIMIT, heard, signal }: Manner = {}
): Promise<Done<Awaited<ReturnType<Tasks[Name]>>>> {
  const late = new AbortController();
  const breaking = signal ? AbortSignal.any([late.signal, signal]) : late.signal;
  const { port1, port2 } = new MessageChannel();
  const pool = threads(name in longer ? 'long' : 'short');
  let hasBegun = false;
  // The very first task waits until all code is loaded, however slow the machine is.
  let timer = setTimeout(() => late.abort(), pool.completed > 0 ? patience : FIRST_PATIENCE);
  port1.on('message', (report: string) => {
    if (hasBegun) return heard?.(report);
    hasBegun = true;
    clearTimeout(timer);
    timer = setTimeout(() => late.abort(), limit);
  });
  port1.unref();
  try {
    const result = await pool.run(
      { name, asked, port: port2 },
      { signal: breaking, transferList: [port2] }
    );
    return { ok: true, result: result as Awaited<ReturnType<Tasks[Name]>> };
  } catch (error) {
    const undone = (code: Undone['code']) => ({ ok: false, error: { code } }) as const;
    if (late.signal.aborted) return undone(hasBegun ? 'too-hard' : 'busy');
    if (signal?.aborted) return undone('left');
    if (/queue is at limit/i.test(String(error))) return undone('busy');
    throw error;
  } finally {
    clearTimeout(timer);
    port1.close();
  }
}

/** Makes the threads ready, so that the first task of each kind need not wait for their code. */
export function startThreads(): void {
  threads('short');
  threads('long');
}

/** The threads, made when they are first needed: for short tasks one fewer than the machine has cores, for long ones one. */
function threads(kind: 'short' | 'long'): Piscina {
  const known = pools.get(kind);
  if (known) return known;
  const made = new Piscina({
    ...workerFile(),
    minThreads: 1,
    maxThreads: kind === 'long' ? 1 : Math.max(1, availableParallelism() - 1),
    maxQueue: MOST_WAITING,
    env: process.env as Record<string, string>
  });
  pools.set(kind, made);
  return made;
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
