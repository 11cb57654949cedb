import type { HouseStyle } from '../../../house-style';
import { parseDigits } from '../../../numbers';
import { carryingFrame, printedDigits, squareCell, type Layout, type Step } from '../../../working';
import { answerAcross } from '../../answer-across';
import { productSteps, type ProductRow, type RowTotal } from '../../product-row';
import type { Given } from './features';

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

/** digit.0, carry.1, digit.1, ... digit.n-1, digit.n (the leading spill) --> answer */
export function shortSteps(given: Given, total?: RowTotal): Step[] {
  const n = given.multiplicand.length;
  return [...productSteps(productRow(given), total), answerAcross(n, 10, 'digit', 'product')];
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
