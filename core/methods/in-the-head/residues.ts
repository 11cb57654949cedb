/** The numbers whose rest, divided by `base`, is from `from` to `to - 1`. */
export interface Residues {
  readonly base: number;
  readonly from: number;
  readonly to: number;
}

/** How many of them are from 0 to `number`. */
export function countUpTo(number: number, { base, from, to }: Residues): number {
  if (number < 0) return 0;
  const within = Math.min(Math.max((number % base) - from + 1, 0), to - from);
  return Math.floor(number / base) * (to - from) + within;
}

/** The number of them that stands at a place, counted from 0 in rising order. */
export function residueAt(place: number, { base, from, to }: Residues): number {
  return Math.floor(place / (to - from)) * base + from + (place % (to - from));
}
