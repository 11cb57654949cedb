import type { HouseStyle } from '../../../house-style';
import { corner, divisionFrame, squareCell, type Layout, type Step } from '../../../working';
import { quotientAcross } from '../../../methods/division/answer';
import type { Given } from '../../../methods/division/look';
import { dividing, leftOf } from '../../../methods/division/partials';
import { partialAt, shortFigures } from '../../../methods/division/short';

/** The figures from the left, and the quotient they read across with what is left of the last. */
export function shortSteps(given: Given): Step[] {
  const item = dividing(given);
  const left = leftOf(partialAt(item, 0), item.divisor, 'quotient.0');
  return [...shortFigures(item), quotientAcross(item, left)];
}

/** The dividend under its bar, the divisor before it, the quotient above; the whole answer stands below. */
export function shortSheet({ dividend, divisor }: Given, style: HouseStyle): Layout {
  const { x, row, places, quotient, layout } = divisionFrame({ dividend, divisor }, style);
  return layout(row + 2, [
    ...places.map((place) => squareCell(`quotient.${place}`, quotient(place))),
    ...places.slice(1).map((place) => corner(`carried.${place}`, x(place), row, style))
  ]);
}
