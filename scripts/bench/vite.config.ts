import { defineConfig } from 'vite';

/** Bundles the benchmark of the core as the application is bundled, so that it measures the same code. */
export default defineConfig({
  build: {
    ssr: 'scripts/bench/core.ts',
    outDir: 'build/bench',
    emptyOutDir: true,
    minify: false
  },
  ssr: { noExternal: true }
});
