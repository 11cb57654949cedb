import {
  ANSWER,
  map,
  printedCell,
  signedNumber,
  squareCell,
  whole,
  type Graph,
  type Layout,
  type Rule
} from '../../../working';
import { nearMultiple, type Given } from './operands';

/**
 * Take the multiple away, then put right what was too much or too little:
 *
 *   multiple --> difference ----------> answer
 *      \-------> adjustment --------------/
 *
 * The multiple need not be held for the adjustment: both are seen from the change, which is on paper.
 */
export function nearMultipleGraph({ start, change }: Given): Graph {
  const near = BigInt(nearMultiple(Number(change)).multiple);
  const from = BigInt(start);
  const less = BigInt(change);
  const reading = signedNumber;
  const difference: Rule = (get) => map(whole(get('multiple')), (multiple) => from - multiple);
  const adjustment: Rule = (get) => map(whole(get('multiple')), (multiple) => multiple - less);
  const answer: Rule = (get) =>
    map(whole(get('difference')), (value) => map(whole(get('adjustment')), (by) => value + by));
  return {
    steps: [
      {
        id: 'multiple',
        kind: 'multiple',
        uses: [],
        rule: () => near,
        reading,
        // Another multiple of ten beside the change does as well: 290 for 298.
        accepts: (written) => typeof written === 'bigint' && isBeside(written, less)
      },
      { id: 'difference', kind: 'difference', uses: ['multiple'], rule: difference, reading },
      {
        id: 'adjustment',
        kind: 'adjustment',
        uses: ['multiple'],
        holds: [],
        rule: adjustment,
        reading,
        leftOut: 0n,
        silentAt: 0n
      },
      { id: ANSWER, kind: ANSWER, uses: ['difference', 'adjustment'], rule: answer, reading }
    ]
  };
}

/** Whether a positive number is the next multiple of 10, 100 or 1000 above or below a change. */
function isBeside(multiple: bigint, change: bigint): boolean {
  return [10n, 100n, 1000n].some((base) => {
    const below = (change / base) * base;
    return multiple > 0n && (multiple === below || multiple === below + base);
  });
}

const LINE = 3;

/** Two jumps along a number line: back by the multiple, then a little either way. */
export function jumpsLayout({ start, change }: Given): Layout {
  const isBack = nearMultiple(Number(change)).offset > 0;
  const [landing, end] = isBack ? [4.5, 1.5] : [1.5, 4.5];
  const from = 12;
  const cell = (step: string, x: number, y: number, width: number) =>
    squareCell(step, { x: x - width / 2, y, width }, step === 'adjustment' ? 'carry' : 'digit');
  return {
    width: 14,
    height: 5,
    cells: [
      printedCell('given', start, { x: from - 1.5, y: LINE + 0.15, width: 3 }),
      printedCell('sign', '−', { x: 6.2, y: 0 }),
      cell('multiple', 8.7, 0, 3),
      cell('difference', landing, LINE + 0.15, 2.8),
      cell('adjustment', 3, 1, 2),
      cell(ANSWER, end, LINE + 0.15, 2.8)
    ],
    rules: [{ x1: 0.5, y1: LINE, x2: 13.5, y2: LINE }],
    arcs: [
      { x1: from, x2: landing, y: LINE, height: 1.6 },
      { x1: landing, x2: end, y: LINE, height: 0.8 }
    ]
  };
}
