import type { Digits } from '../../../numbers';

export type School = 'decomposition' | 'equal-additions';

/** Figures of minuend and subtrahend by column, the last place first; where one has none, 0 stands. */
export interface Columns {
  readonly top: Digits;
  readonly bottom: Digits;
  /** Place of the first column: 0 for whole numbers, -2 for hundredths. */
  readonly lowest: number;
  /** In how many columns, from the first, the minuend has no figure. */
  readonly blanks: number;
}

/** What something gives for each column, from its figures, with its place and how far it is from the last place. */
export function overColumns<Made>(
  { top, bottom, lowest }: Columns,
  make: (top: number, bottom: number, p: number, at: number) => Made
): Made[] {
  return top.map((figure, at) => make(figure, bottom[at]!, lowest + at, at));
}
