import type { Mark, Scheme } from './schema';

export type { Mark, Scheme };

/** All marks an item can earn. */
export function availableMarks(scheme: Scheme): number {
  return scheme.marks.reduce((sum, mark) => sum + mark.value, 0);
}
