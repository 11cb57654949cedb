/*
 * Watches the server's own thread: how long it was held is kept in the file that LOOP_WATCH names, and the memory in use
 * is written to the file that MEMORY_WATCH names whenever SIGUSR2 is sent.
 */
import { renameSync, writeFileSync } from 'node:fs';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { isMainThread } from 'node:worker_threads';

const { LOOP_WATCH, MEMORY_WATCH } = process.env;

// Threads and the process that prints may compute as long as they like.
if (isMainThread && !process.send && LOOP_WATCH) {
  const resolution = 5;
  const delay = monitorEventLoopDelay({ resolution });
  let isWatching = false;
  // Starting takes long, and nobody waits yet.
  setTimeout(() => {
    isWatching = delay.enable();
    setInterval(() => {
      const milliseconds = (nanoseconds) => nanoseconds / 1e6 - resolution;
      const told = [delay.percentile(99), delay.percentile(99.99), delay.max].map(milliseconds);
      writeFileSync(LOOP_WATCH, JSON.stringify(told));
    }, 500).unref();
  }, 3000).unref();

  setFlagsFromString('--expose-gc');
  const collect = runInNewContext('gc');
  process.on('SIGUSR2', () => {
    // That is our own doing, not the server's.
    delay.disable();
    collect();
    const { heapUsed, external } = process.memoryUsage();
    writeFileSync(`${MEMORY_WATCH}.new`, String(heapUsed + external));
    renameSync(`${MEMORY_WATCH}.new`, MEMORY_WATCH);
    if (isWatching) delay.enable();
  });
}
