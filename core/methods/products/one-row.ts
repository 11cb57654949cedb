import type { HouseStyle } from '../../house-style';
import { parseDigits } from '../../numbers';
import {
  ANSWER,
  carryingFrame,
  printedDecimal,
  squareCell,
  type Layout,
  type Step
} from '../../working';
import { answerAcross } from '../columns/answer-across';
import { productSteps, type ProductRow } from './product-row';
import { printedFactors, type Given } from './factors';

export function productRow({ multiplicand, multiplier }: Given): ProductRow {
  return {
    multiplicand: parseDigits(multiplicand)!,
    m: Number(multiplier),
    prefix: '',
    shift: 0,
    label:
      (kind, place) =>
      ({ place: name }) =>
        kind === 'carry' ? `Carry into the ${name(place)}` : `Digit of the ${name(place)}`
  };
}

/** digit.0, carry.1, digit.1, ... digit.n-1, digit.n (the leading spill) --> answer, or the step that ends it */
export function shortSteps(given: Given, end = ANSWER): Step[] {
  const n = given.multiplicand.length;
  return [...productSteps(productRow(given)), answerAcross(n, 10, 'digit', 'product', end)];
}

/**
 * The multiplicand over the multiplier on squared paper, with a column to spare for a longer product. Decimals are worked
 * as the whole numbers of their figures, and printed as they are.
 */
export function shortSheet(
  given: Given,
  style: HouseStyle,
  printed = printedFactors(given)
): Layout {
  const n = given.multiplicand.length;
  const frame = carryingFrame(Math.max(n + 1, printed.width), 2, style, '×');
  const { x, top, answerRow, layout, carry } = frame;
  const places = frame.places.slice(0, n + 1);
  return layout([
    ...printedDecimal(printed.multiplicand, x, top, style),
    ...printedDecimal(printed.multiplier, x, top + 1, style),
    ...places.map((place) => squareCell(`digit.${place}`, { x: x(place), y: answerRow })),
    ...places.slice(1, n).map(carry)
  ]);
}
