/** A sum as it is written where the second number may be below 0: `88 − 2`, `88 + 2`. */
export function joined(first: string, second: string): string {
  return second.startsWith('−') ? `${first} − ${second.slice(1)}` : `${first} + ${second}`;
}
