/** Values by a key, in the order in which the keys come. */
export function groupBy<T>(
  values: readonly T[],
  keyOf: (value: T) => string
): ReadonlyMap<string, readonly T[]> {
  const groups = new Map<string, T[]>();
  for (const value of values) {
    const key = keyOf(value);
    groups.set(key, [...(groups.get(key) ?? []), value]);
  }
  return groups;
}
