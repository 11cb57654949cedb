import type { HouseStyle } from '../../house-style';
import { parseDigits } from '../../numbers';
import {
  ANSWER,
  carryingFrame,
  printedDigits,
  squareCell,
  type Layout,
  type Step
} from '../../working';
import { answerAcross } from '../columns/answer-across';
import { productSteps, type ProductRow } from './product-row';
import type { Given } from './factors';

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

/** The multiplicand over the multiplier on squared paper, with a column to spare for a longer product. */
export function shortSheet({ multiplicand, multiplier }: Given, style: HouseStyle): Layout {
  const n = multiplicand.length;
  const { x, top, answerRow, places, layout, carry } = carryingFrame(n + 1, 2, style, '×');
  return layout([
    ...printedDigits(multiplicand, x, top),
    ...printedDigits(multiplier, x, top + 1),
    ...places.map((place) => squareCell(`digit.${place}`, { x: x(place), y: answerRow })),
    ...places.slice(1, n).map(carry)
  ]);
}
