/** The binomial coefficient C(n, k) for small n (0 to 30); 0 outside 0 <= k <= n. */
export function choose(n: number, k: number): number {
  if (k < 0 || k > n) return 0;
  let result = 1;
  for (let i = 1; i <= k; i++) result = (result * (n - k + i)) / i;
  return result;
}

/** The k-element subset of 0 .. n-1 of a rank below C(n, k), in the order of the combinatorial number system. */
export function subsetAt(n: number, k: number, rank: number): number[] {
  const members: number[] = [];
  let rest = rank;
  for (let left = k, candidate = n - 1; left > 0; candidate--) {
    const without = choose(candidate, left);
    if (rest >= without) {
      rest -= without;
      members.push(candidate);
      left--;
    }
  }
  return members.reverse();
}

/** n! */
export function factorial(n: number): bigint {
  return n <= 1 ? 1n : BigInt(n) * factorial(n - 1);
}

/** The arrangement of some things of a rank below n!, in the factorial number system. */
export function arrangementAt<T>(values: readonly T[], rank: bigint): T[] {
  const left = [...values];
  const taken: T[] = [];
  let rest = Number(rank);
  while (left.length > 0) {
    const at = rest % left.length;
    rest = Math.floor(rest / left.length);
    taken.push(...left.splice(at, 1));
  }
  return taken;
}
