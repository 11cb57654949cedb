import { printNumber } from '../../../numbers';
import type { Features, FeatureSpec } from '../../features';
import { DIGITS, type Given } from './operands';

export const features = [
  { id: 'digits', kind: 'number', ...DIGITS },
  { id: 'shortest', kind: 'number', ...DIGITS },
  { id: 'regroupings', kind: 'number', min: 0, max: 11 },
  { id: 'acrossZeros', kind: 'number', min: 0, max: 10 },
  { id: 'longestRun', kind: 'number', min: 0, max: 11 },
  { id: 'zeros', kind: 'number', min: 0, max: 11 },
  { id: 'lostColumns', kind: 'number', min: 0, max: 11 }
] as const satisfies readonly FeatureSpec[];

/** Measures an item on its numbers: a column regroups when the minuend, cut off there, is the smaller. */
export function measure({ minuend, subtrahend }: Given, base = 10): Features {
  const top = valueOf(minuend, base);
  const bottom = valueOf(subtrahend, base);
  const regroups = [...minuend].map((_, place) => {
    const power = BigInt(base) ** BigInt(place + 1);
    return top % power < bottom % power;
  });
  const runs = regroups
    .map((is) => (is ? '1' : ' '))
    .join('')
    .split(' ');
  return {
    digits: minuend.length,
    shortest: subtrahend.length,
    regroupings: regroups.filter(Boolean).length,
    acrossZeros: Math.max(
      0,
      ...regroups.map((is, place) => (is ? zerosLeftOf(minuend, place) : 0))
    ),
    longestRun: Math.max(...runs.map((run) => run.length)),
    zeros: minuend.split('0').length - 1,
    lostColumns: minuend.length - printNumber(top - bottom, base).length
  };
}

function zerosLeftOf(numeral: string, place: number): number {
  return /0*$/.exec(numeral.slice(0, numeral.length - 1 - place))![0].length;
}

function valueOf(numeral: string, base: number): bigint {
  return [...numeral].reduce(
    (value, symbol) => value * BigInt(base) + BigInt(parseInt(symbol, base)),
    0n
  );
}
