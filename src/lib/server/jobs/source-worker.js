// The worker from its source, for development and tests: what it imports is transformed as it is loaded.
import { register as registerHooks } from 'node:module';
import { register } from 'tsx/esm/api';

register();
registerHooks('../../../../scripts/test/runes-hooks.mjs', import.meta.url);
const { default: work } = await import('./worker.ts');

export default work;
