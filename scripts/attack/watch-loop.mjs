/*
 * Watches the server's own thread: how long it was held is kept in the file that LOOP_WATCH names, and the memory in use
 * is written to the file that MEMORY_WATCH names whenever SIGUSR2 is sent; the watch begins with the first of them.
 */
import { readFileSync, renameSync, writeFileSync } from 'node:fs';
import { createHistogram } from 'node:perf_hooks';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { isMainThread } from 'node:worker_threads';

const { LOOP_WATCH, MEMORY_WATCH } = process.env;
/** Milliseconds between two looks. */
const LOOK = 5;

/** What the thread has computed, in nanoseconds; what a busy machine took from it is not in it. */
const computed = () => Number(readFileSync('/proc/thread-self/schedstat', 'utf8').split(' ')[0]);

/** Writes a file whole, as it may be read meanwhile. */
function keep(file, text) {
  writeFileSync(`${file}.new`, text);
  renameSync(`${file}.new`, file);
}

// Threads and the process that prints may compute as long as they like.
if (isMainThread && !process.send && LOOP_WATCH) {
  const held = createHistogram();
  let last;
  setInterval(() => {
    if (last === undefined) return;
    const now = computed();
    held.record(Math.max(1, now - last));
    last = now;
  }, LOOK).unref();
  setInterval(() => {
    if (held.count === 0) return;
    const told = [held.percentile(99), held.percentile(99.99), held.max];
    keep(LOOP_WATCH, JSON.stringify(told.map((nanoseconds) => nanoseconds / 1e6)));
  }, 500).unref();

  setFlagsFromString('--expose-gc');
  const collect = runInNewContext('gc');
  process.on('SIGUSR2', () => {
    collect();
    const { heapUsed, external } = process.memoryUsage();
    keep(MEMORY_WATCH, String(heapUsed + external));
    // Until now pages and skills were loaded and compiled as they were first met; collecting was our own doing.
    last = computed();
  });
}
