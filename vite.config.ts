import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit()],
  worker: { format: 'es' },
  build: {
    rolldownOptions: {
      // Its parts import one from the index of all: with these free of side effects, what is not used is left out.
      treeshake: { moduleSideEffects: [{ test: /flowbite-svelte/, sideEffects: false }] }
    }
  }
});
