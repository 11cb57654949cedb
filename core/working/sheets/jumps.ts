import { ANSWER } from '../graph';
import { printedCell, squareCell, type Layout } from '../layout';

const LINE = 3;
const FROM = 12;

/** What stands on a number line with two jumps: a long one back, then a little either way. */
export interface Jumps {
  readonly start: string;
  readonly sign: string;
  /** The steps: what is jumped, where it lands, and what is put right after. */
  readonly jump: string;
  readonly landing: string;
  readonly hop: string;
  /** Whether the hop goes on in the direction of the jump. */
  readonly goesOn: boolean;
}

/** Two jumps along a number line, the answer at their end. */
export function jumpsSheet({ start, sign, jump, landing, hop, goesOn }: Jumps): Layout {
  const [lands, ends] = goesOn ? [4.5, 1.5] : [1.5, 4.5];
  const under = (step: string, x: number) =>
    squareCell(step, { x: x - 1.4, y: LINE + 0.15, width: 2.8 });
  return {
    width: 14,
    height: 5,
    cells: [
      printedCell('given', start, { x: FROM - 1.5, y: LINE + 0.15, width: 3 }),
      printedCell('sign', sign, { x: 6.2, y: 0 }),
      squareCell(jump, { x: 7.2, y: 0, width: 3 }),
      under(landing, lands),
      squareCell(hop, { x: 2, y: 1, width: 2 }, 'carry'),
      under(ANSWER, ends)
    ],
    rules: [{ x1: 0.5, y1: LINE, x2: 13.5, y2: LINE }],
    arcs: [
      { x1: FROM, x2: lands, y: LINE, height: 1.6 },
      { x1: lands, x2: ends, y: LINE, height: 0.8 }
    ]
  };
}
