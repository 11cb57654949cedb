import { printedCell, squareCell, type Layout, type Line } from '../layout';

/** Two numbers near a base with their deviations beside them, and what follows from these below. */
export interface Crossed {
  readonly left: string;
  readonly right: string;
  readonly base: string;
  readonly leftStep: string;
  readonly rightStep: string;
  /** The steps in the lines below. */
  readonly below: readonly (readonly string[])[];
}

const WIDE = 4.5;

/** The deviations stand beside their numbers; a cross leads from each number to the deviation of the other. */
export function crossSheet({ left, right, base, leftStep, rightStep, below }: Crossed): Layout {
  const cross: readonly Line[] = [
    { x1: 4.2, y1: 1.6, x2: 5.4, y2: 2.6 },
    { x1: 4.2, y1: 2.6, x2: 5.4, y2: 1.6 }
  ];
  return {
    width: 11,
    height: 4 + below.length,
    cells: [
      printedCell('heading', `from ${base}`, { x: 5.5, y: 0, width: 4 }),
      printedCell('given', left, { x: 0, y: 1, width: 4 }),
      squareCell(leftStep, { x: 5.5, y: 1, width: 3 }),
      printedCell('given', right, { x: 0, y: 2, width: 4 }),
      squareCell(rightStep, { x: 5.5, y: 2, width: 3 }),
      ...below.flatMap((steps, line) =>
        steps.map((step, at) =>
          squareCell(step, { x: at * (WIDE + 1), y: 3.5 + line, width: WIDE })
        )
      )
    ],
    rules: [...cross, { x1: 0, y1: 3.25, x2: 11, y2: 3.25 }]
  };
}
