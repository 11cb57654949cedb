import { ungrouped } from '../numeral';
import type { Reading } from '../reading';

/** Whole numbers from 0 written in base ten; what groups digits is passed over, and zeros after a point: `15228.0`. */
export const wholeNumber: Reading<bigint> = {
  kind: 'number',
  parse: (written) => {
    const text = ungrouped(written);
    const [, whole] = /^(\d+)(?:\.0*)?$/.exec(text) ?? [];
    return whole === undefined ? undefined : BigInt(whole);
  },
  equal: (one, other) => one === other,
  print: (value) => value.toString(),
  near: (value) => (value === 0n ? [1n] : [value + 1n, value - 1n]),
  size: Number
};

/** As {@link wholeNumber}, with a sign where it is below 0; a plus sign may stand before it. */
export const signedNumber: Reading<bigint> = {
  kind: 'number',
  parse: (written) => {
    const [, sign, rest] = /^\s*([+\-−–]?)(.*)$/s.exec(written)!;
    const size = wholeNumber.parse(rest!);
    return size === undefined || sign === '' || sign === '+' ? size : -size;
  },
  equal: (one, other) => one === other,
  print: (value) => value.toString(),
  near: (value) => [value + 1n, value - 1n],
  size: Number
};
