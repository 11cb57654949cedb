import type { Cell, Layout, Line } from './layout';

/**
 * A line of working that a pupil may add. It is not printed. Once the step before it is written it is put into the
 * sheet at row `y`, and what stood there moves down.
 */
export interface FurtherLine {
  readonly after: string;
  readonly y: number;
  /** In squares. */
  readonly height: number;
  readonly cells: readonly Cell[];
  readonly rules: readonly Line[];
}

/** A sheet with each further line that follows what is written. */
export function withFurtherLines(layout: Layout, texts: Readonly<Record<string, string>>): Layout {
  let open = layout;
  for (const line of layout.further ?? []) {
    if ((texts[line.after] ?? '') === '') break;
    open = insert(open, line);
  }
  return open;
}

function insert(layout: Layout, { y, height, cells, rules }: FurtherLine): Layout {
  const below = (at: number) => (at >= y ? at + height : at);
  return {
    ...layout,
    height: layout.height + height,
    cells: [...layout.cells.map((cell) => ({ ...cell, y: below(cell.y) })), ...cells],
    rules: [
      ...layout.rules.map((rule) => ({ ...rule, y1: below(rule.y1), y2: below(rule.y2) })),
      ...rules
    ]
  };
}
