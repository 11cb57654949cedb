import type { FurtherLine, Layout } from './layout';

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
