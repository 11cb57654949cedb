import { printDigits } from '../../../numbers';
import {
  automatonItems,
  NumeralAutomaton,
  unionItems,
  type DigitEffect,
  type ItemSpace
} from '../../../spaces';
import type { Given } from '../../../methods/products/factors';
import type { Wanted } from '../../../skill/request';
import { MULTIPLIERS } from './features';

/** All items that are wanted, one multiplier after the other. */
export function items(wanted: Wanted): ItemSpace<Given> {
  const { min, max } = wanted.range('multiplier');
  const multipliers = MULTIPLIERS.filter((m) => m >= min && m <= max);
  return unionItems(
    multipliers.map((m) => automatonItems((told) => new NumeralAutomaton(work(wanted, m, told))))
  );
}

function work(wanted: Wanted, m: number, told: readonly string[] = []) {
  return {
    lengths: wanted.range('digits'),
    digits: wanted.digitsBeside(m),
    // 9 × 9 + 8 = 89: no carry is larger than 8.
    holds: 9,
    hold: (digit: number, carry: number) => Math.floor((digit * m + carry) / 10),
    tally: wanted.tally<string, DigitEffect>(
      {
        carries: { by: 'sum', gain: ({ held }) => (held > 0 ? 1 : 0) },
        largestCarry: { by: 'largest', gain: ({ held }) => held },
        zeros: { by: 'sum', gain: ({ digit }) => (digit === 0 ? 1 : 0) }
      },
      told
    ),
    told: (digits: number) => ({ digits, multiplier: m }),
    write: (digits: readonly number[]) => ({
      multiplicand: printDigits(digits),
      multiplier: String(m)
    })
  };
}
