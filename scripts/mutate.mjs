/*
 * `npm run mutate -- FOLDER [WORD ...]`: plants faults in the files of a folder, one at a time, runs unit tests against each
 * and prints the faults that none of them finds. The tests are those of the folder and those whose paths have one of the
 * words. Words for readers are left as they are. It takes a test run for each fault.
 */
import { readdirSync, rmSync, writeFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bin, run } from './setup.mjs';

const [folder, ...words] = process.argv.slice(2);
if (!folder || words.some((word) => !/^[\w./-]+$/.test(word))) {
  console.error('Name a folder, and words of tests beside it: npm run mutate -- core/analysis');
  process.exit(1);
}

const files = readdirSync(folder, { recursive: true, encoding: 'utf8' })
  .map((file) => join(folder, file))
  .filter(
    (file) => file.endsWith('.ts') && !/\.test(-helper)?\.ts$|words\.ts$|index\.ts$/.test(file)
  );

const room = mkdtempSync(join(tmpdir(), 'mutate-'));
const config = join(room, 'stryker.conf.json');
writeFileSync(
  config,
  JSON.stringify({
    mutate: files,
    testRunner: 'command',
    commandRunner: { command: ['npm run -s unit --', `${folder}/`, ...words].join(' ') },
    mutator: { excludedMutations: ['StringLiteral'] },
    reporters: ['clear-text', 'progress'],
    clearTextReporter: { allowColor: false, logTests: false, skipFull: true },
    concurrency: 2,
    tempDirName: join(room, 'sandbox'),
    ignorePatterns: ['build', 'data', '.svelte-kit/output', 'test-results', 'docs'],
    // A slow machine is slow: a fault that makes a test go on for ever is ended after minutes.
    timeoutMS: 300_000
  })
);
try {
  run(bin('stryker'), ['run', config]);
} finally {
  rmSync(room, { recursive: true, force: true });
}
