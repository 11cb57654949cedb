import { wrap, type Remote } from 'comlink';
import type { Bench } from './work';

export type RemoteBench = Remote<Bench>;

/** Starts a worker that counts and draws; the caller ends it with {@link Worker.terminate}. */
export function startBench(): { bench: RemoteBench; end: () => void } {
  const worker = new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module' });
  return { bench: wrap<Bench>(worker), end: () => worker.terminate() };
}
