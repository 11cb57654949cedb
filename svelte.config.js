import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: vitePreprocess(),
  kit: {
    adapter: adapter(),
    // Checked in hooks.server.ts, so that the API can answer 415 itself.
    csrf: { trustedOrigins: ['*'] },
    typescript: {
      config: (config) => ({
        ...config,
        include: [
          ...config.include,
          '../core/**/*.ts',
          '../e2e/**/*.ts',
          '../scripts/**/*.ts',
          '../*.config.ts'
        ]
      })
    }
  }
};
