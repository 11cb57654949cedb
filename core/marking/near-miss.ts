export type SlipKind = 'digits-exchanged' | 'out-by-one' | 'table-fact';

/**
 * Whether a numeral is a near miss of the right one: two of its digits exchanged, or one digit out by one.
 * Undefined if it is neither, or not a plain numeral.
 */
export function nearMiss(written: string, right: string): SlipKind | undefined {
  const places = [...right].map((digit, at) => ({ right: digit, written: written[at] }));
  if (written.length !== right.length || !/^\d+$/.test(written + right)) return undefined;
  const wrong = places.filter((place) => place.right !== place.written);
  if (wrong.length === 1) {
    const [place] = wrong;
    return Math.abs(Number(place!.right) - Number(place!.written)) === 1 ? 'out-by-one' : undefined;
  }
  const [first, second] = wrong;
  const exchanged =
    wrong.length === 2 && first!.right === second!.written && second!.right === first!.written;
  return exchanged ? 'digits-exchanged' : undefined;
}
