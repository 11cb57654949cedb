/* Runs the test files that are named, in one process: what one of them builds up serves the next. */
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';

for (const file of process.argv.slice(2)) await import(pathToFileURL(resolve(file)).href);
