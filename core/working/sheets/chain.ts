import { printedCell, squareCell, type Cell, type Layout } from '../layout';

/** A piece of a line: a step to be written, something printed, or room; with its width in squares. */
export type Piece =
  | { readonly step: string; readonly width: number }
  | { readonly given: string; readonly width: number }
  | { readonly sign: string }
  | { readonly room: number };

/** A chain of lines, each read from left to right, with an empty line between two. */
export function chainSheet(lines: readonly (readonly Piece[])[]): Layout {
  const cells: Cell[] = [];
  let widest = 0;
  lines.forEach((pieces, line) => {
    let x = 0;
    for (const piece of pieces) {
      const place = { x, y: 2 * line };
      if ('step' in piece) cells.push(squareCell(piece.step, { ...place, width: piece.width }));
      else if ('given' in piece)
        cells.push(printedCell('given', piece.given, { ...place, width: piece.width }));
      else if ('sign' in piece) cells.push(printedCell('sign', piece.sign, place));
      x += widthOf(piece);
    }
    widest = Math.max(widest, x);
  });
  return { width: Math.ceil(widest), height: 2 * lines.length - 1, cells, rules: [] };
}

function widthOf(piece: Piece): number {
  if ('room' in piece) return piece.room;
  return 'width' in piece ? piece.width : 1;
}
