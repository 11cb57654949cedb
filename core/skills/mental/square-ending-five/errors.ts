import type { ErrorPattern } from '../../skill';
import { headOf, type Given } from './operands';

/** Ways of going wrong with such squares (common practice; no published catalogue is known). */
export const errorPatterns: readonly ErrorPattern<Given>[] = [
  {
    id: 'head-squared',
    shownBy: {},
    replacements: (given) => ({ next: { uses: [], rule: () => headOf(given) } })
  },
  {
    id: 'doubled-for-squared',
    shownBy: {},
    replacements: ({ number }) => ({ answer: { uses: [], rule: () => 2n * BigInt(number) } })
  }
];
