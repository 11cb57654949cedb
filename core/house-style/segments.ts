/** A piece of a line: plain text, a fraction set one number above the other, or a division under its bar. */
export type Segment =
  | { readonly text: string }
  | { readonly numerator: string; readonly denominator: string }
  | { readonly dividend: string; readonly divisor: string };

/** Numerals as a house writes them: grouped, and with a decimal mark. */
const NUMERAL = '\\d(?:[\\d.,\u202f]*\\d)?';
const SET = new RegExp(
  `( ?(?<![\\d/.,])${NUMERAL}\\/${NUMERAL}(?![\\d/])|${NUMERAL}\u27cc${NUMERAL})`
);

/**
 * A line taken apart at its fractions and divisions: `6 2/9` is the text `6` and a fraction; what stands right
 * of the sign of a long division is under its bar.
 */
export function segmentsOf(line: string): Segment[] {
  return line.split(SET).flatMap((piece, at): Segment[] => {
    if (at % 2 === 0) return piece === '' ? [] : [{ text: piece }];
    const [numerator = '', denominator] = piece.trimStart().split('/');
    if (denominator !== undefined) return [{ numerator, denominator }];
    const [divisor = '', dividend = ''] = piece.split('\u27cc');
    return [{ dividend, divisor }];
  });
}

/** A division under its bar, in a line that is taken apart by {@link segmentsOf}. */
export const busStop = (dividend: string, divisor: string) => `${divisor}\u27cc${dividend}`;

/** A line as it is read out: a division as one number by another. */
export function spoken(line: string): string {
  return segmentsOf(line)
    .map((segment) => {
      if ('text' in segment) return segment.text;
      return 'dividend' in segment
        ? `${segment.dividend} divided by ${segment.divisor}`
        : ` ${segment.numerator}/${segment.denominator}`;
    })
    .join('');
}
