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
