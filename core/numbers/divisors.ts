/** The greatest common divisor, not negative; `gcd(0n, n)` is n (Euclid, Elements VII.2). */
export function gcd(one: bigint, other: bigint): bigint {
  let [a, b] = [one < 0n ? -one : one, other < 0n ? -other : other];
  while (b > 0n) [a, b] = [b, a % b];
  return a;
}

/** As {@link gcd}, for small numbers of which there are many. */
export function gcdOfSmall(one: number, other: number): number {
  let [a, b] = [Math.abs(one), Math.abs(other)];
  while (b > 0) [a, b] = [b, a % b];
  return a;
}

/** The least common multiple of two numbers above 0. */
export function lcm(one: bigint, other: bigint): bigint {
  return (one / gcd(one, other)) * other;
}
