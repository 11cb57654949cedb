/**
 * The value of a step: a whole number, or an exact object (decimal, fraction, list, polynomial).
 * What a value means, and when two are equal, is the business of the step's {@link Reading}.
 */
export type Value = bigint | object;

/** How a kind of value is read from what was written, compared and printed. */
export interface Reading<V extends Value = Value> {
  /** Name of the kind, for input hints: `number`, `fraction` ... */
  readonly kind: string;
  /** The value written, or undefined if it cannot be read as one. */
  parse(written: string): V | undefined;
  equal(one: V, other: V): boolean;
  /** The value as a pupil would write it; `parse(print(v))` equals v. */
  print(value: V): string;
  /** Values that a careless hand might write instead; never the value itself. */
  near(value: V): readonly V[];
}

/** Whole numbers from 0 written in base ten; spaces and commas that group digits are passed over. */
export const wholeNumber: Reading<bigint> = {
  kind: 'number',
  parse: (written) => {
    const text = written.trim().replace(/(?<=\d)[ ,\u202f\u00a0](?=\d{3})/g, '');
    return /^\d{1,200}$/.test(text) ? BigInt(text) : undefined;
  },
  equal: (one, other) => one === other,
  print: (value) => value.toString(),
  near: (value) => (value === 0n ? [1n] : [value + 1n, value - 1n])
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
  near: (value) => [value + 1n, value - 1n]
};
