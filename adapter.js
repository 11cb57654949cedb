import node from '@sveltejs/adapter-node';
import { readFileSync, writeFileSync } from 'node:fs';
import { build } from 'vite';

const EVERYWHERE = "'0.0.0.0'";

/**
 * The server for Node.js, which answers this machine alone unless HOST says otherwise, with the file that its worker
 * threads run. The adapter's own server listens to everyone.
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
      await buildWorker('worker', 'compute.js', true);
      await buildWorker('print-worker', 'print.js', false);
    }
  };
}

/** Builds what another thread or process runs. */
async function buildWorker(source, name, isFirst) {
  await build({
    configFile: false,
    logLevel: 'warn',
    // Native modules, and those with files beside them, are loaded from where they are installed.
    ssr: {
      noExternal: true,
      external: ['better-sqlite3', '@myriaddreamin/typst-ts-node-compiler', 'highs']
    },
    build: {
      ssr: `src/lib/server/jobs/${source}.ts`,
      outDir: 'build/workers',
      emptyOutDir: isFirst,
      rolldownOptions: { output: { entryFileNames: name } }
    }
  });
}
