/** Numbers that are so far beyond a multiple of a base: from `from`, below `to`. */
export interface Residues {
  readonly base: number;
  readonly from: number;
  readonly to: number;
}

/** How many such numbers there are from 0 up to a number. */
export function countUpTo(number: number, { base, from, to }: Residues): number {
  if (number < 0) return 0;
  const within = Math.min(Math.max((number % base) - from + 1, 0), to - from);
  return Math.floor(number / base) * (to - from) + within;
}

/** The one of these numbers that so many from 0 are below. */
export function residueAt(place: number, { base, from, to }: Residues): number {
  return Math.floor(place / (to - from)) * base + from + (place % (to - from));
}
