import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import type { Tasks } from './tasks';
import type { Outcome } from './worker';

/**
 * Milliseconds that a task may take once it has begun, and that it may wait before. What a task may ask for is bounded by
 * its work; these only guard against a machine on which even that takes too long.
 */
const GUARD = 60_000;
const PATIENCE = 60_000;

/** How many tasks may wait. */
const MOST_WAITING = 50;

/** What takes longer waits for its like alone, in a thread of its own; some of it is guarded by more than a minute. */
const longer: Partial<Record<keyof Tasks, number>> = {
  practice: GUARD,
  assemble: GUARD,
  suiting: GUARD,
  quick: GUARD,
  forms: GUARD,
  snapshots: 10 * GUARD,
  quickPrint: 10 * GUARD,
  print: 10 * GUARD,
  preview: 10 * GUARD,
  feedback: 10 * GUARD,
  backup: 10 * GUARD,
  unpack: 10 * GUARD
};

/**
 * A task that was not done: it asks for too much work, on any machine; this machine is too slow for it; too many wait
 * before it; or who asked for it has gone.
 */
export interface Undone {
  readonly code: 'too-hard' | 'slow' | 'busy' | 'left';
  /** What makes it too hard, where that is known. */
  readonly leaveOut?: readonly string[];
}

export type Done<Result> =
  { readonly ok: true; readonly result: Result } | { readonly ok: false; readonly error: Undone };

interface Manner {
  /** Milliseconds it may take, and how many it may wait before it begins. */
  readonly limit?: number;
  readonly patience?: number;
  /** Aborted when nobody wants the result any more. */
  readonly signal?: AbortSignal;
}

const pools = new Map<'short' | 'long', Piscina>();

/**
 * Does a task in another thread, so that whoever saves a mark meanwhile does not wait for it. One that takes longer
 * than its guard is broken off, with its thread.
 */
export async function run<Name extends keyof Tasks>(
  name: Name,
  asked: Parameters<Tasks[Name]>[0],
  { limit = longer[name] ?? GUARD, patience = PATIENCE, signal }: Manner = {}
): Promise<Done<Awaited<ReturnType<Tasks[Name]>>>> {
  const late = new AbortController();
  const breaking = signal ? AbortSignal.any([late.signal, signal]) : late.signal;
  const { port1, port2 } = new MessageChannel();
  const pool = threads(name in longer ? 'long' : 'short');
  let hasBegun = false;
  let timer = setTimeout(() => late.abort(), patience);
  port1.once('message', () => {
    hasBegun = true;
    clearTimeout(timer);
    timer = setTimeout(() => late.abort(), limit);
  });
  port1.unref();
  try {
    const outcome: Outcome = await pool.run(
      { name, asked, port: port2 },
      { signal: breaking, transferList: [port2] }
    );
    if (!outcome.ok) {
      const { code, leaveOut } = outcome;
      return { ok: false, error: { code, leaveOut } };
    }
    return { ok: true, result: outcome.result as Awaited<ReturnType<Tasks[Name]>> };
  } catch (error) {
    const undone = (code: Undone['code']) => ({ ok: false, error: { code } }) as const;
    if (late.signal.aborted) return undone(hasBegun ? 'slow' : 'busy');
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
