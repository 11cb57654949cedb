import assert from 'node:assert/strict';
import { spawn } from 'node:child_process';
import { test } from 'node:test';
import { fileURLToPath } from 'node:url';
import { cards } from '@zealous-quill/core/catalogue';

/** Milliseconds of each hundred in which the slow one runs. */
const RUNS = 20;
const OF = 100;

/** What the requests gave in a process of their own, at full speed or a fifth of it. */
function asked(isSlow: boolean): Promise<string[]> {
  const helper = fileURLToPath(new URL('./any-machine.test-helper.ts', import.meta.url));
  const child = spawn('node_modules/.bin/tsx', ['--import', './scripts/test/setup.ts', helper], {
    stdio: ['ignore', 'pipe', 'inherit'],
    // The loader starts a process of its own, which is held as well.
    detached: true
  });
  const signal = (name: 'SIGSTOP' | 'SIGCONT') => {
    if (child.exitCode === null && child.pid) process.kill(-child.pid, name);
  };
  const clock = isSlow && setInterval(() => hold(), OF);
  const hold = () => {
    signal('SIGCONT');
    setTimeout(() => signal('SIGSTOP'), RUNS);
  };
  let text = '';
  child.stdout.setEncoding('utf8').on('data', (part: string) => (text += part));
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => {
      if (clock) clearInterval(clock);
      if (code === 0) resolve(text.trim().split('\n'));
      else reject(new Error(`the requests ended with ${code}`));
    });
  });
}

test('a machine that is five times slower gives the same replies, later', async () => {
  const [usual, slow] = await Promise.all([asked(false), asked(true)]);
  assert.equal(usual.length, cards.length + 100 + 10);
  assert.deepEqual(slow, usual);
  assert.ok(!usual.some((line) => /"code\\?":\\?"(slow|busy)/.test(line)));
});
