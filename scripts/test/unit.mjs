/* `npm run unit`: all unit tests, or those whose path has one of the words given, in two processes and one that mostly waits. */
import { spawn } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';

const words = process.argv.slice(2);
const files = ['core', 'src']
  .flatMap((root) =>
    readdirSync(root, { recursive: true, encoding: 'utf8' }).map((file) => join(root, file))
  )
  .filter((file) => file.endsWith('.test.ts'))
  .filter((file) => words.length === 0 || words.some((word) => file.includes(word)))
  .sort();

// Those over all skills, with some others, take about as long as the rest; what is held back mostly waits.
const isOverAll = (file) => /^core\/(skills|papers|marking|spaces)\/[^/]+$/.test(file);
const isHeldBack = (file) => file.endsWith('any-machine.test.ts');
const groups = [
  files.filter(isOverAll),
  files.filter((file) => !isOverAll(file) && !isHeldBack(file)),
  files.filter(isHeldBack)
];

function run(group) {
  if (group.length === 0) return 0;
  const child = spawn(
    'node_modules/.bin/tsx',
    [
      '--conditions=browser',
      '--import',
      './scripts/test/setup.ts',
      '--import',
      './scripts/test/runes.mjs',
      '--test-reporter=spec',
      'scripts/test/files.ts',
      ...group
    ],
    { stdio: 'inherit' }
  );
  return new Promise((resolve) => child.once('exit', (code) => resolve(code ?? 1)));
}

process.exitCode = Math.max(...(await Promise.all(groups.map(run))));
