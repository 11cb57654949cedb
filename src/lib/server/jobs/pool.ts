import { availableParallelism } from 'node:os';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import { knownContexts } from './known-contexts';
import { runPrint, startPrinter } from './print-pool';
import type { PrintTasks } from './print-tasks';
import type { Tasks } from './tasks';
import { undone, type Done, type Manner } from './undone';
import type { Outcome } from './worker';
import { workerFile } from './worker-file';

/**
 * Milliseconds that a task may take once it has begun, and that it may wait before. What a task may ask for is bounded by
 * its work; these only guard against a machine on which even that takes too long.
 */
const GUARD = 60_000;
const PATIENCE = 10 * GUARD;

/** How many tasks may wait. */
const MOST_WAITING = 50;

/** What takes longer waits for its like alone, in a thread of its own; some of it is guarded by more than a minute. */
const longer: Partial<Record<keyof Tasks, number>> = {
  practice: GUARD,
  assemble: GUARD,
  suiting: GUARD,
  picture: GUARD,
  quick: GUARD,
  forms: GUARD,
  snapshots: 10 * GUARD,
  backup: 10 * GUARD,
  unpack: 10 * GUARD
};

/** What is printed waits for its like as well, in a process of its own. */
const prints: Readonly<Record<keyof PrintTasks, number>> = {
  ...{ print: 10 * GUARD, preview: 10 * GUARD, feedback: 10 * GUARD, quickPrint: 10 * GUARD },
  drawing: GUARD
};

const pools = new Map<'short' | 'long', Piscina>();

type AllTasks = Tasks & PrintTasks;
type Result<Name extends keyof AllTasks> = Awaited<ReturnType<AllTasks[Name]>>;

/**
 * Does a task in another thread, so that whoever saves a mark meanwhile does not wait for it. One that takes longer
 * than its guard is broken off, with its thread.
 */
export async function run<Name extends keyof AllTasks>(
  name: Name,
  asked: Parameters<AllTasks[Name]>[0],
  manner: Manner = {}
): Promise<Done<Result<Name>>> {
  const { patience = PATIENCE, signal } = manner;
  if (isPrint(name)) {
    const how = { limit: prints[name], ...manner, patience };
    return (await runPrint(name, asked as never, how)) as Done<Result<Name>>;
  }
  const { limit = longer[name as keyof Tasks] ?? GUARD } = manner;
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
      { name, asked, port: port2, contexts: knownContexts() },
      { signal: breaking, transferList: [port2] }
    );
    if (!outcome.ok) {
      const { code, leaveOut } = outcome;
      return { ok: false, error: { code, leaveOut } };
    }
    return { ok: true, result: outcome.result as Result<Name> };
  } catch (error) {
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
  startPrinter();
}

const isPrint = (name: keyof AllTasks): name is keyof PrintTasks => Object.hasOwn(prints, name);

/** The threads, made when they are first needed: for short tasks one fewer than the machine has cores, for long ones one. */
function threads(kind: 'short' | 'long'): Piscina {
  const known = pools.get(kind);
  if (known) return known;
  const made = new Piscina({
    filename: workerFile('compute.js', './source-worker.js'),
    execArgv: [],
    minThreads: 1,
    maxThreads: kind === 'long' ? 1 : Math.max(1, availableParallelism() - 1),
    maxQueue: MOST_WAITING,
    env: process.env as Record<string, string>
  });
  pools.set(kind, made);
  return made;
}
