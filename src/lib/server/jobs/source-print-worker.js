// As source-worker.js, for the process that prints.
import { register as registerHooks } from 'node:module';
import { register } from 'tsx/esm/api';

register();
registerHooks('../../../../scripts/test/runes-hooks.mjs', import.meta.url);
await import('./print-worker.ts');
