import { once } from './work';

/**
 * Keeps the last few things that were dear to make, by a key that says all of what they were made from. Each use
 * is charged the work of making, as with {@link once}.
 */
export function keepRecent<T>(most: number): (key: string, make: () => T) => T {
  const kept = new Map<string, () => T>();
  return (key, make) => {
    const kind = kept.get(key) ?? once(make);
    const value = kind();
    kept.delete(key);
    kept.set(key, kind);
    if (kept.size > most) kept.delete(kept.keys().next().value!);
    return value;
  };
}
