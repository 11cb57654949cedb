import type { Amounts } from '../../../skill/given/amounts';
import { decimalsIn, placesOf } from '../../../numbers/decimal-numerals';

export const ADDENDS = [2, 5] as const;
export const WHOLE_DIGITS = 5;
export const MOST_PLACES = 4;

export interface Given extends Amounts {
  readonly addends: readonly string[];
}

/** The digits that stand under each other with the points in line, the last place first; blanks are left out. */
export function alignedColumns({ addends }: Given): number[][] {
  const places = placesOf(addends);
  return columnsOf(
    addends.map((numeral) => ({
      figures: numeral.replace('.', ''),
      from: places - decimalsIn(numeral)
    }))
  );
}

/** As {@link alignedColumns}, but with the last figures in line, in as many columns. */
export function rightAlignedColumns(given: Given): number[][] {
  const columns = columnsOf(
    given.addends.map((numeral) => ({ figures: numeral.replace('.', ''), from: 0 }))
  );
  const width = alignedColumns(given).length;
  return Array.from({ length: width }, (_, at) => columns[at] ?? []);
}

/** Numerals that start at some columns, written from there to the left. */
function columnsOf(numerals: readonly { figures: string; from: number }[]): number[][] {
  const width = Math.max(...numerals.map(({ figures, from }) => from + figures.length));
  return Array.from({ length: width }, (_, column) =>
    numerals.flatMap(({ figures, from }) => {
      const figure = figures[figures.length - 1 - (column - from)];
      return column >= from && figure !== undefined ? [Number(figure)] : [];
    })
  );
}
