/** Bars of a picture of how shares are spread. */
const BARS = 10;

/** How many shares, from 0 to 1, lie in each tenth; the whole of the marks is in the last. */
export function tenths(shares: readonly number[]): number[] {
  const bars = Array.from({ length: BARS }, () => 0);
  for (const share of shares) {
    // Thirds and tenths of marks are not exact in binary: 0.7 lies in the tenth that it begins.
    bars[Math.min(BARS - 1, Math.floor(share * BARS + 1e-9))]!++;
  }
  return bars;
}

/** The mean of some shares; null of none. */
export const meanOf = (shares: readonly number[]): number | null =>
  shares.length === 0 ? null : shares.reduce((sum, share) => sum + share, 0) / shares.length;
