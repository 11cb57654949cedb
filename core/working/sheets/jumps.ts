import { ANSWER } from '../graph';
import { printedCell, squareCell, type Layout } from '../layout';

const WIDTH = 14;
const LINE = 3;
const FROM = 12;

/** What stands on a number line with two jumps: a long one, then a little either way. */
export interface Jumps {
  readonly start: string;
  readonly sign: '+' | '−';
  /** The steps: what is jumped, where it lands, and what is put right after. */
  readonly jump: string;
  readonly landing: string;
  readonly hop: string;
  /** Whether the hop goes on in the direction of the jump. */
  readonly goesOn: boolean;
}

/** Two jumps along a number line, to the right where something is added, the answer at their end. */
export function jumpsSheet({ start, sign, jump, landing, hop, goesOn }: Jumps): Layout {
  const [lands, ends] = goesOn ? [4.5, 1.5] : [1.5, 4.5];
  const at = (x: number) => (sign === '+' ? WIDTH - x : x);
  const under = (step: string, x: number) =>
    squareCell(step, { x: at(x) - 1.4, y: LINE + 0.15, width: 2.8 });
  return {
    width: WIDTH,
    height: 5,
    cells: [
      printedCell('given', start, { x: at(FROM) - 1.5, y: LINE + 0.15, width: 3 }),
      printedCell('sign', sign, { x: at(7.2) - 1, y: 0 }),
      squareCell(jump, { x: at(7.2), y: 0, width: 3 }),
      under(landing, lands),
      squareCell(hop, { x: at(3) - 1, y: 1, width: 2 }, 'carry'),
      under(ANSWER, ends)
    ],
    rules: [{ x1: 0.5, y1: LINE, x2: 13.5, y2: LINE }],
    arcs: [
      { x1: at(FROM), x2: at(lands), y: LINE, height: 1.6 },
      { x1: at(lands), x2: at(ends), y: LINE, height: 0.8 }
    ]
  };
}

/** What stands on a number line that is gone along in a hop to a round number and a jump from there. */
export interface Bridged {
  readonly start: string;
  /** What is given, of which a part makes the hop. */
  readonly given: string;
  /** The steps: the round number, what is left of the given one, and where it leads. */
  readonly landing: string;
  readonly rest: string;
  readonly end: string;
}

/** A hop from a number to the round one above it, then a jump of what is left. */
export function bridgeSheet({ start, given, landing, rest, end }: Bridged): Layout {
  const under = (step: string, x: number) =>
    squareCell(step, { x: x - 1.5, y: LINE + 0.15, width: 3 });
  return {
    width: WIDTH,
    height: 5,
    cells: [
      printedCell('given', start, { x: 0, y: LINE + 0.15, width: 3 }),
      printedCell('heading', `of ${given}`, { x: 1.2, y: 0.6, width: 4 }),
      under(landing, 5),
      printedCell('sign', '+', { x: 7, y: 0 }),
      squareCell(rest, { x: 8, y: 0, width: 3 }),
      under(end, 12)
    ],
    rules: [{ x1: 0.5, y1: LINE, x2: 13.5, y2: LINE }],
    arcs: [
      { x1: 1.5, x2: 5, y: LINE, height: 0.8 },
      { x1: 5, x2: 12, y: LINE, height: 1.6 }
    ]
  };
}
