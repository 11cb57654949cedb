/**
 * Whether a numeral is a near miss of the right one: two of its digits exchanged, or one digit out by one.
 * Undefined if it is neither, or not a plain numeral.
 */
export function nearMiss(
  written: string,
  right: string
): 'digits-exchanged' | 'out-by-one' | undefined {
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

/** How far a number is out that was counted on or back wrongly. */
const COUNTED_OUT = 2;

/**
 * Whether a wrong number could come of a wrong number fact: a near miss, one or two out, or as many figures of which one is
 * another. 15 for 150 and 24 for 6 come of something else.
 */
export function isNearNumber(written: string, right: string): boolean {
  if (nearMiss(written, right)) return true;
  if (Math.abs(Number(written) - Number(right)) <= COUNTED_OUT) return true;
  const others = [...right].filter((figure, at) => written[at] !== figure);
  return written.length === right.length && others.length === 1;
}
