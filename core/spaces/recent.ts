/** Keeps the last few things that were dear to make, by a key that says all of what they were made from. */
export function recently<T>(most: number): (key: string, make: () => T) => T {
  const kept = new Map<string, T>();
  return (key, make) => {
    const known = kept.has(key);
    const value = known ? kept.get(key)! : make();
    kept.delete(key);
    kept.set(key, value);
    if (kept.size > most) kept.delete(kept.keys().next().value!);
    return value;
  };
}
