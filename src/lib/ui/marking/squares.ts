import type { Graph, Layout, StepCell } from '@zealous-quill/core/working';

const isCell = (cell: Layout['cells'][number]): cell is StepCell => cell.type === 'step';

/** The step where the hand would start: the first of the working that has a square for a digit. */
export function firstSquare(graph: Graph, layout: Layout): string | undefined {
  return inOrder(graph, layout).find(({ role }) => role === 'digit')?.step;
}

/** The square after this one in which a digit is written next. */
export function nextSquare(graph: Graph, layout: Layout, step: string): string | undefined {
  const order = inOrder(graph, layout);
  const at = order.findIndex((cell) => cell.step === step);
  return order.slice(at + 1).find(({ role }) => role === 'digit')?.step;
}

/** The nearest square in a direction, or undefined at the edge. Being in line counts more than being near. */
export function neighbour(
  layout: Layout,
  step: string,
  dx: number,
  dy: number
): string | undefined {
  const cells = layout.cells.filter(isCell);
  const from = cells.find((cell) => cell.step === step);
  if (!from) return undefined;
  const candidates = cells.flatMap((cell) => {
    const x = cell.x + (cell.width ?? cell.size) / 2 - (from.x + (from.width ?? from.size) / 2);
    const y = cell.y + cell.size / 2 - (from.y + from.size / 2);
    const along = x * dx + y * dy;
    const across = Math.abs(x * dy) + Math.abs(y * dx);
    // A small mark in the corner of a square lies a third of a square off its middle, both ways.
    return along > 0.2 && across <= along + 0.1
      ? [{ step: cell.step, cost: along + 2 * across }]
      : [];
  });
  return candidates.sort((one, other) => one.cost - other.cost)[0]?.step;
}

/** A sheet whose squares are listed in the order in which a hand writes them: so the tab key walks them. */
export function inHandOrder(graph: Graph, layout: Layout): Layout {
  const printed = layout.cells.filter((cell) => !isCell(cell));
  return { ...layout, cells: [...printed, ...inOrder(graph, layout)] };
}

/** The height of figures in a square, as a share of its side: so many of them fit across it without running over. */
export function figureSize(length: number, { width, size }: Pick<StepCell, 'width' | 'size'>) {
  const across = (width ?? size) / size;
  const most = width === undefined ? 0.8 : 0.6;
  return Math.min(most, (across * 0.92) / Math.max(1, length * FIGURE_WIDTH));
}

/** The width of a figure in handwriting, as a share of its height; letters and signs are no wider at the median. */
const FIGURE_WIDTH = 0.62;

function inOrder(graph: Graph, layout: Layout): StepCell[] {
  const cells = new Map(layout.cells.filter(isCell).map((cell) => [cell.step, cell]));
  return graph.steps.flatMap(({ id }) => cells.get(id) ?? []);
}
