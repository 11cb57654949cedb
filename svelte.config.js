import adapter from './adapter.js';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: vitePreprocess(),
  kit: {
    adapter: adapter(),
    // Scripts come from here alone; styles may stand at what they are of.
    csp: {
      directives: {
        'default-src': ['self'],
        'script-src': ['self'],
        'style-src': ['self', 'unsafe-inline'],
        'img-src': ['self', 'data:', 'blob:'],
        'font-src': ['self', 'data:'],
        'worker-src': ['self'],
        'object-src': ['none'],
        'base-uri': ['self'],
        'form-action': ['self'],
        'frame-ancestors': ['none']
      }
    },
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
