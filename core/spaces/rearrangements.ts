/** `groups` cycles of `length` things each. */
export interface Cycles {
  readonly length: number;
  readonly groups: number;
}

/**
 * The cycle types of the rearrangements of n things, each with the number of rearrangements that have it:
 * n! over the product of length^groups x groups! (Cauchy's formula).
 */
export function cycleTypes(n: number): { cycles: Cycles[]; size: bigint }[] {
  return partitions(n).map((parts) => {
    const cycles = [...new Set(parts)].map((length) => ({
      length,
      groups: parts.filter((part) => part === length).length
    }));
    const divisor = cycles.reduce(
      (product, { length, groups }) => product * BigInt(length ** groups) * factorial(groups),
      1n
    );
    return { cycles, size: factorial(n) / divisor };
  });
}

function partitions(n: number, largest = n): number[][] {
  if (n === 0) return [[]];
  return Array.from({ length: Math.min(n, largest) }, (_, i) => i + 1).flatMap((part) =>
    partitions(n - part, part).map((rest) => [part, ...rest])
  );
}

function factorial(n: number): bigint {
  return n <= 1 ? 1n : BigInt(n) * factorial(n - 1);
}
