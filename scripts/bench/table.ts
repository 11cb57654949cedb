/** Prints a titled table with its columns lined up. */
export function printTable(title: string, rows: readonly (readonly string[])[]): void {
  const widths = rows[0]!.map((_, at) => Math.max(...rows.map((row) => row[at]!.length)));
  console.log(`\n${title}`);
  for (const row of rows) {
    console.log(
      `  ${row.map((cell, at) => (at === 0 ? cell.padEnd(widths[at]!) : cell.padStart(widths[at]!))).join('  ')}`
    );
  }
}

/** Milliseconds that some work takes. */
export function time(work: () => void): number {
  const start = performance.now();
  work();
  return performance.now() - start;
}

/** The value below which a share of the samples lies. */
export function quantile(samples: readonly number[], share: number): number {
  const sorted = [...samples].sort((one, other) => one - other);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
}

export const ms = (value: number): string => `${value.toFixed(value < 10 ? 2 : 0)} ms`;
