import node from '@sveltejs/adapter-node';
import { readFileSync, writeFileSync } from 'node:fs';

const EVERYWHERE = "'0.0.0.0'";

/**
 * The server for Node.js, which answers this machine alone unless HOST says otherwise. The adapter's own server
 * listens to everyone.
 *
 * @returns {import('@sveltejs/kit').Adapter}
 */
export default function loopbackServer() {
  const adapter = node();
  return {
    ...adapter,
    async adapt(builder) {
      await adapter.adapt(builder);
      const file = 'build/index.js';
      const source = readFileSync(file, 'utf8');
      if (source.split(EVERYWHERE).length !== 2) {
        throw new Error(`adapter: ${file} does not say where it listens`);
      }
      writeFileSync(file, source.replace(EVERYWHERE, "'127.0.0.1'"));
    }
  };
}
