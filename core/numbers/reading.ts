/**
 * The value of a step: a whole number, or an exact object (decimal, fraction, list, polynomial).
 * What a value means, and when two are equal, is the business of its {@link Reading}.
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
  /** How large a value is, nearly; there is none for a kind that has no size, as lists have not. */
  size?(value: V): number;
}

/** Ways in which the form of an answer can fall short, whatever its worth. */
export const formCodes = [
  'not-simplified',
  /** A fraction of 1 and more, in lowest terms, where a mixed number is asked for. */
  'improper',
  /** A whole number beside a fraction of 1 and more: 4 17/12. */
  'improper-part',
  'not-complete',
  'places',
  'unit',
  'not-as-given',
  /** Zeros at the end of a decimal: 6.0 for 6. */
  'trailing-zeros',
  /** The remainder as a fraction or a decimal, where it is usually written after an r. */
  'as-fraction',
  'as-decimal',
  /** A fraction where a decimal is asked for: 1 3/4 for 1.75. */
  'not-decimal'
] as const;

export type FormCode = (typeof formCodes)[number];
