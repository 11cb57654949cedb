import { printNumber } from '../../../numbers';
import type { Features, FeatureSpec } from '../../features';
import { LIMITS, type Given } from './columns';

export const features = [
  { id: 'addends', kind: 'number', ...LIMITS.addends },
  { id: 'digits', kind: 'number', ...LIMITS.digits },
  { id: 'shortest', kind: 'number', ...LIMITS.digits },
  { id: 'carries', kind: 'number', min: 0, max: 12 },
  { id: 'ripples', kind: 'number', min: 0, max: 11 },
  { id: 'longestRun', kind: 'number', min: 0, max: 12 },
  { id: 'largestCarry', kind: 'number', min: 0, max: 5 },
  { id: 'newColumn', kind: 'flag' },
  { id: 'zeros', kind: 'number', min: 0, max: 66 },
  { id: 'answerZeros', kind: 'number', min: 0, max: 12 }
] as const satisfies readonly FeatureSpec[];

/** Measures an item by adding it up, column by column, as a reader of the sheet would. */
export function measure(given: Given, base = 10): Features {
  const lengths = given.addends.map((numeral) => numeral.length);
  const digits = Math.max(...lengths);
  const sum = given.addends.reduce((total, numeral) => total + valueOf(numeral, base), 0n);
  const sumNumeral = printNumber(sum, base);
  const carries = carriesOut(given, digits, base);
  const carrying = carries.map((carry) => carry > 0);
  return {
    addends: given.addends.length,
    digits,
    shortest: Math.min(...lengths),
    carries: carrying.filter(Boolean).length,
    ripples: carrying.filter((is, place) => is && ownTotal(given, place, base) < base).length,
    longestRun: longestRun(carrying),
    largestCarry: Math.max(...carries),
    newColumn: sumNumeral.length > digits,
    zeros: given.addends.join('').split('0').length - 1,
    answerZeros: sumNumeral.split('0').length - 1
  };
}

function valueOf(numeral: string, base: number): bigint {
  return [...numeral].reduce(
    (value, symbol) => value * BigInt(base) + BigInt(parseInt(symbol, base)),
    0n
  );
}

/** What leaves column p is what the numbers to the right of it, cut off there, add up to beyond it. */
function carriesOut(given: Given, digits: number, base: number): number[] {
  return Array.from({ length: digits }, (_, place) => {
    const power = BigInt(base) ** BigInt(place + 1);
    const tails = given.addends.map((numeral) => valueOf(numeral, base) % power);
    return Number(tails.reduce((sum, tail) => sum + tail, 0n) / power);
  });
}

function ownTotal(given: Given, place: number, base: number): number {
  return given.addends.reduce(
    (sum, numeral) => sum + parseInt(numeral.at(-1 - place) ?? '0', base),
    0
  );
}

function longestRun(flags: readonly boolean[]): number {
  return Math.max(
    ...flags
      .map((flag) => (flag ? '1' : ' '))
      .join('')
      .split(' ')
      .map((run) => run.length)
  );
}
