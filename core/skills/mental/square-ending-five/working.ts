import {
  ANSWER,
  wholeNumber,
  type Cell,
  type Graph,
  type Layout,
  type Rule,
  type StepCell
} from '../../../working';
import { map, whole } from '../../written/columns';
import { headOf, type Given } from './operands';

/**
 * The head times the next number, then 25 after it, as (10h + 5)² = 100 h(h + 1) + 25:
 *
 *   next --> product --> answer
 */
export function squareGraph(given: Given): Graph {
  const head = headOf(given);
  const reading = wholeNumber;
  const product: Rule = (get) => map(whole(get('next')), (next) => head * next);
  const answer: Rule = (get) => map(whole(get('product')), (value) => 100n * value + 25n);
  return {
    steps: [
      { id: 'next', kind: 'next', uses: [], rule: () => head + 1n, reading },
      { id: 'product', kind: 'product', uses: ['next'], rule: product, reading },
      { id: ANSWER, kind: ANSWER, uses: ['product'], rule: answer, reading }
    ]
  };
}

/** `6 × 7 = 42`, and under it the square. */
export function squareLayout({ number }: Given): Layout {
  const printed = (text: string, x: number, y: number, width = 1): Cell => ({
    type: 'printed',
    role: width > 1 ? 'given' : 'sign',
    text,
    x,
    y,
    size: 1,
    width
  });
  const cell = (step: string, x: number, y: number, width: number): StepCell => ({
    type: 'step',
    role: 'digit',
    step,
    x,
    y,
    size: 1,
    width,
    crossedOff: false
  });
  return {
    width: 13,
    height: 3,
    cells: [
      printed(number.slice(0, -1), 0, 0, 3),
      printed('×', 3, 0),
      cell('next', 4, 0, 3),
      printed('=', 7, 0),
      cell('product', 8, 0, 4.5),
      printed(`${number}²`, 0, 2, 4),
      printed('=', 7, 2),
      cell(ANSWER, 8, 2, 4.5)
    ],
    rules: []
  };
}
