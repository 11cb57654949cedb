// The worker from its source, for development and tests: what it imports is transformed as it is loaded.
import { register } from 'tsx/esm/api';

register();
const { default: work } = await import('./worker.ts');

export default work;
