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

function inOrder(graph: Graph, layout: Layout): StepCell[] {
  const cells = new Map(layout.cells.filter(isCell).map((cell) => [cell.step, cell]));
  return graph.steps.flatMap(({ id }) => cells.get(id) ?? []);
}
