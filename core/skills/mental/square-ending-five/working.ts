import {
  ANSWER,
  map,
  printedCell,
  squareCell,
  whole,
  wholeNumber,
  type Graph,
  type Layout,
  type Rule
} from '../../../working';
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
  return {
    width: 13,
    height: 3,
    cells: [
      printedCell('given', number.slice(0, -1), { x: 0, y: 0, width: 3 }),
      printedCell('sign', '×', { x: 3, y: 0 }),
      squareCell('next', { x: 4, y: 0, width: 3 }),
      printedCell('sign', '=', { x: 7, y: 0 }),
      squareCell('product', { x: 8, y: 0, width: 4.5 }),
      printedCell('given', `${number}²`, { x: 0, y: 2, width: 4 }),
      printedCell('sign', '=', { x: 7, y: 2 }),
      squareCell(ANSWER, { x: 8, y: 2, width: 4.5 })
    ],
    rules: []
  };
}
