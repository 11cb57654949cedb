/* Watches how long the server's own thread is held, and keeps the longest in the file that LOOP_WATCH names. */
import { writeFileSync } from 'node:fs';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { isMainThread } from 'node:worker_threads';

// Threads and the process that prints may compute as long as they like.
if (isMainThread && !process.send && process.env.LOOP_WATCH) {
  const resolution = 5;
  const delay = monitorEventLoopDelay({ resolution });
  // Starting takes long, and nobody waits yet.
  setTimeout(() => {
    delay.enable();
    setInterval(() => {
      const milliseconds = (nanoseconds) => nanoseconds / 1e6 - resolution;
      const told = [delay.percentile(99), delay.percentile(99.99), delay.max].map(milliseconds);
      writeFileSync(process.env.LOOP_WATCH, JSON.stringify(told));
    }, 500).unref();
  }, 3000).unref();
}
