import { printedCell, squareCell, type Cell, type Layout } from '../layout';

/** A piece of a line: a step to be written, something printed, or room; with its width in squares. */
export type Piece =
  | { readonly step: string; readonly width: number }
  | { readonly given: string; readonly width: number }
  | { readonly heading: string; readonly width: number }
  | { readonly sign: string }
  | { readonly room: number };

/** A chain of lines, each read from left to right, with an empty line between two. */
export function chainSheet(lines: readonly (readonly Piece[])[]): Layout {
  return {
    width: Math.ceil(Math.max(0, ...lines.map(widthOfLine))),
    height: 2 * lines.length - 1,
    cells: lines.flatMap((pieces, line) => lineCells(pieces, 2 * line)),
    rules: []
  };
}

/** A sheet with lines under it, from a row on. */
export function withLines(
  sheet: Layout,
  lines: readonly (readonly Piece[])[],
  from = sheet.height
): Layout {
  return {
    ...sheet,
    width: Math.ceil(Math.max(sheet.width, ...lines.map(widthOfLine))),
    height: from + lines.length,
    cells: [...sheet.cells, ...lines.flatMap((pieces, line) => lineCells(pieces, from + line))]
  };
}

function lineCells(pieces: readonly Piece[], y: number): Cell[] {
  let x = 0;
  return pieces.flatMap((piece): Cell[] => {
    const place = { x, y };
    x += widthOf(piece);
    if ('step' in piece) return [squareCell(piece.step, { ...place, width: piece.width })];
    if ('given' in piece)
      return [printedCell('given', piece.given, { ...place, width: piece.width })];
    if ('heading' in piece)
      return [printedCell('heading', piece.heading, { ...place, width: piece.width })];
    return 'sign' in piece ? [printedCell('sign', piece.sign, place)] : [];
  });
}

const widthOfLine = (pieces: readonly Piece[]) =>
  pieces.reduce((width, piece) => width + widthOf(piece), 0);

function widthOf(piece: Piece): number {
  if ('room' in piece) return piece.room;
  return 'width' in piece ? piece.width : 1;
}
