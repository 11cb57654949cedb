import { tick } from 'svelte';

/**
 * Makes a change that redraws a list, then puts the focus where it was in meaning: on the first of the selectors
 * that is there. Does nothing where the focus has gone elsewhere meanwhile.
 */
export async function keepFocus(
  change: () => unknown,
  selectors: readonly string[]
): Promise<void> {
  const before = document.activeElement;
  await change();
  await tick();
  const now = document.activeElement;
  if (now !== before && now !== document.body) return;
  for (const selector of selectors) {
    const found = document.querySelector<HTMLElement>(selector);
    if (!found) continue;
    found.focus();
    return;
  }
}
