/* `npm run unit`: all unit tests, or those whose path has one of the words given, in two processes and one that mostly waits. */
import { spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';

const MOST_TOLD = 10;

const words = process.argv.slice(2);
const files = ['core', 'src']
  .flatMap((root) =>
    readdirSync(root, { recursive: true, encoding: 'utf8' }).map((file) => join(root, file))
  )
  .filter((file) => file.endsWith('.test.ts'))
  .filter((file) => words.length === 0 || words.some((word) => file.includes(word)))
  .sort();

// Those over all skills, with those of skills in the head, take about as long as the rest; what is held back mostly waits.
const isOverAll = (file) =>
  /^core\/((catalogue|skill|papers|marking|spaces)\/[^/]+|skills\/mental\/.+)$/.test(file);
const isHeldBack = (file) => file.endsWith('any-machine.test.ts');
const groups = [
  files.filter(isOverAll),
  files.filter((file) => !isOverAll(file) && !isHeldBack(file)),
  files.filter(isHeldBack)
];

const folder = mkdtempSync(join(tmpdir(), 'unit-'));
const timesOf = (at) => join(folder, `${at}.jsonl`);

function run(group, at) {
  if (group.length === 0) return 0;
  const child = spawn(
    'node_modules/.bin/tsx',
    [
      '--conditions=browser',
      '--import',
      './scripts/test/setup.ts',
      '--import',
      './scripts/test/runes.mjs',
      ...['--test-reporter=spec', '--test-reporter-destination=stdout'],
      ...['--test-reporter=./scripts/test/times.mjs', `--test-reporter-destination=${timesOf(at)}`],
      'scripts/test/files.ts',
      ...group
    ],
    { stdio: 'inherit' }
  );
  return new Promise((resolve) => child.once('exit', (code) => resolve(code ?? 1)));
}

/** Prints the files whose tests took longest. */
function tellSlowest() {
  const seconds = new Map();
  for (const file of readdirSync(folder)) {
    for (const line of readFileSync(join(folder, file), 'utf8').split('\n').filter(Boolean)) {
      const [test, milliseconds] = JSON.parse(line);
      seconds.set(test, (seconds.get(test) ?? 0) + milliseconds / 1000);
    }
  }
  const slowest = [...seconds].sort(([, one], [, other]) => other - one).slice(0, MOST_TOLD);
  console.log('\nSlowest files, seconds:');
  for (const [file, taken] of slowest) {
    console.log(`${taken.toFixed(1).padStart(7)}  ${relative('.', file)}`);
  }
}

process.exitCode = Math.max(...(await Promise.all(groups.map(run))));
tellSlowest();
rmSync(folder, { recursive: true });
