import type { Operation } from '../card';

/** What is to be worked out, whatever the way. */
export interface Calculation {
  readonly operation: Operation;
  readonly operands: readonly string[];
}
