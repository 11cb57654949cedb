/** A piece of a line: plain text, or a fraction that is set one number above the other. */
export type Segment =
  { readonly text: string } | { readonly numerator: string; readonly denominator: string };

/** A line taken apart at its fractions: `6 2/9` is the text `6` and a fraction. */
export function segmentsOf(line: string): Segment[] {
  return line.split(/ ?((?<![\d/])\d+\/\d+(?![\d/]))/).flatMap((piece, at): Segment[] => {
    if (at % 2 === 0) return piece === '' ? [] : [{ text: piece }];
    const [numerator = '', denominator = ''] = piece.split('/');
    return [{ numerator, denominator }];
  });
}
