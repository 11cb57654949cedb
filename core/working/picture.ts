import { spacedFigures, type Arc, type Cell, type Layout, type Line } from './layout';

/** A mark on the sheet with what stands in it; an empty square has no text. */
export interface PictureMark {
  readonly x: number;
  readonly y: number;
  readonly size: number;
  readonly width: number;
  readonly height: number;
  /** More than one figure has room. */
  readonly isWide: boolean;
  readonly text: string;
  readonly role: 'given' | 'sign' | 'heading' | 'digit' | 'carry';
  readonly crossedOff: boolean;
}

/** A layout with some of its steps filled in: what a printer or a plotter of handwriting draws. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly marks: readonly PictureMark[];
  readonly rules: readonly Line[];
  readonly arcs: readonly Arc[];
}

/** Fills the squares of the steps that have a text and leaves the others empty. */
export function pictureOf(layout: Layout, texts: Readonly<Record<string, string>>): Picture {
  const marks = layout.cells.flatMap((cell): PictureMark[] => {
    const text = textIn(cell, texts);
    const mark = {
      x: cell.x,
      y: cell.y,
      size: cell.size,
      width: cell.width ?? cell.size,
      height: cell.height ?? cell.size,
      isWide: cell.width !== undefined,
      role: cell.role,
      text,
      crossedOff: isStruck(cell, texts)
    };
    const figures = spacedFigures(cell, text)?.map(({ x, figure }) => ({
      ...{ ...mark, x, text: figure },
      ...{ width: cell.size, isWide: false }
    }));
    return figures ?? [mark];
  });
  return {
    width: layout.width,
    height: layout.height,
    marks,
    rules: layout.rules,
    arcs: layout.arcs ?? []
  };
}

/** What stands in a cell when these steps are written. */
export function textIn(cell: Cell, texts: Readonly<Record<string, string>>): string {
  if (cell.type === 'step') return texts[cell.step] ?? '';
  return (cell.echoes && texts[cell.echoes]) || cell.text;
}

/** Whether what stands in a cell is struck out: it has been used, or what replaces it is written. */
export function isStruck(cell: Cell, texts: Readonly<Record<string, string>>): boolean {
  if (textIn(cell, texts) === '') return false;
  const isReplaced = cell.struckBy !== undefined && (texts[cell.struckBy] ?? '') !== '';
  return isReplaced || (cell.type === 'step' && cell.crossedOff);
}

/** Squared paper of the same size with nothing on it. */
export function emptyPicture({ width, height }: Layout): Picture {
  return { width, height: Math.ceil(height), marks: [], rules: [], arcs: [] };
}
