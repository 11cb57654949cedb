/** Zero digits of a numeral. */
export function zerosIn(numeral: string): number {
  return numeral.split('0').length - 1;
}

/** Most true values in a row. */
export function longestRun(flags: readonly boolean[]): number {
  let [run, longest] = [0, 0];
  for (const is of flags) {
    run = is ? run + 1 : 0;
    longest = Math.max(longest, run);
  }
  return longest;
}

/** Pairs of digits that are multiplied, both at least 2, the smaller first: `3x7`. */
export function tablePairs(multiplicand: string, multiplier: string): string[] {
  const pairs = [...multiplicand].flatMap((d) =>
    [...multiplier].flatMap((m) => (d >= '2' && m >= '2' ? [[d, m].sort().join('x')] : []))
  );
  return [...new Set(pairs)].sort();
}

/** What is held after each digit but the last: what the digits so far, times m, come to beyond their own places. */
export function heldCarries(multiplicand: string, m: number): number[] {
  return [...multiplicand].slice(1).map((_, at) => {
    const power = 10 ** (at + 1);
    return Math.floor(((Number(multiplicand) % power) * m) / power);
  });
}
