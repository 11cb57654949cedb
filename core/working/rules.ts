import type { Value } from './value';

/** The value of a step as a whole number. */
export function whole(value: Value | undefined): bigint | undefined {
  return typeof value === 'bigint' ? value : undefined;
}

/** Converts a value if there is one. */
export function map<A, B>(value: A | undefined, convert: (value: A) => B): B | undefined {
  return value === undefined ? undefined : convert(value);
}
