import type { Features, FeatureSpec } from '../../features';
import { LIMITS, type Given } from './operands';

export const features = [
  { id: 'digits', kind: 'number', ...LIMITS.multiplicand },
  { id: 'multiplierDigits', kind: 'number', ...LIMITS.multiplier },
  { id: 'carries', kind: 'number', min: 0, max: 9 },
  { id: 'largestCarry', kind: 'number', min: 0, max: 8 },
  { id: 'additionCarries', kind: 'number', min: 0, max: 5 },
  { id: 'zeros', kind: 'number', min: 0, max: 3 },
  { id: 'multiplierZeros', kind: 'number', min: 0, max: 2 },
  { id: 'tables', kind: 'tables', values: ['2', '3', '4', '5', '6', '7', '8', '9'] }
] as const satisfies readonly FeatureSpec[];

/** Measures an item from the sizes of its partial products, without working them digit by digit. */
export function measure({ multiplicand, multiplier }: Given): Features {
  const held = [...multiplier].flatMap((digit) => heldCarries(multiplicand, Number(digit)));
  const rows = [...multiplier]
    .reverse()
    .map((digit, k) => Number(multiplicand) * Number(digit) * 10 ** k);
  return {
    digits: multiplicand.length,
    multiplierDigits: multiplier.length,
    carries: held.filter((carry) => carry > 0).length,
    largestCarry: Math.max(0, ...held),
    additionCarries: additionCarries(rows),
    zeros: multiplicand.split('0').length - 1,
    multiplierZeros: multiplier.split('0').length - 1,
    tables: tables(multiplicand, multiplier)
  };
}

/** What is held after each digit but the last: what the digits so far, times m, come to beyond their own places. */
function heldCarries(multiplicand: string, m: number): number[] {
  return [...multiplicand].slice(1).map((_, at) => {
    const power = 10 ** (at + 1);
    return Math.floor(((Number(multiplicand) % power) * m) / power);
  });
}

function additionCarries(rows: readonly number[]): number {
  const places = Array.from({ length: 7 }, (_, place) => 10 ** (place + 1));
  return places.filter((power) => rows.reduce((sum, row) => sum + (row % power), 0) >= power)
    .length;
}

function tables(multiplicand: string, multiplier: string): string[] {
  const pairs = [...multiplicand].flatMap((d) =>
    [...multiplier].flatMap((m) => (d >= '2' && m >= '2' ? [[d, m].sort().join('x')] : []))
  );
  return [...new Set(pairs)].sort();
}
