/* Lets Node's own runner load state modules (`*.svelte.ts`), compiled by Svelte's own compiler as for a browser. */
import { register } from 'node:module';

register('./runes-hooks.mjs', import.meta.url);
