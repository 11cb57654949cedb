import type { QuickAsked } from '@zealous-quill/core/quick';

/** What is asked of quick practice, as its address has it. */
export function quickQuery({
  controls,
  count,
  sets,
  minutes,
  seed
}: QuickAsked & { readonly minutes: number }): string {
  const numbers = Object.entries({ count, sets, minutes, seed });
  return new URLSearchParams([
    ['controls', JSON.stringify(controls)],
    ...numbers.map(([name, value]) => [name, String(value)])
  ]).toString();
}
