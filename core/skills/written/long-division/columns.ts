import type { HouseStyle } from '../../../house-style';
import { divisionFrame, squareCell, using, type Layout, type Step } from '../../../working';
import { quotientAcross } from '../../../methods/division/answer';
import { columnFigures, columnRows } from '../../../methods/division/columns';
import type { Given } from '../../../methods/division/look';
import { dividing } from '../../../methods/division/partials';

/** The figures with their products, and at last the quotient with what is left. */
export function columnSteps(given: Given): Step[] {
  const item = dividing(given);
  const last = using(['remainder.0'], (left) => left);
  return [...columnFigures(item), quotientAcross(item, last, { isLeftWritten: true })];
}

/** The quotient above the dividend or right of it, the working under it, and below that the whole answer. */
export function columnSheet(given: Given, style: HouseStyle): Layout {
  const item = dividing(given);
  const isRight = style.longDivision === 'right';
  const frame = divisionFrame(given, style, { isRight, top: item.digits.length - 1 });
  const { cells, rules, end } = columnRows(item, frame);
  const figures = frame.places.map((place) =>
    squareCell(`quotient.${place}`, frame.quotient(place))
  );
  return frame.layout(end + 1, [...figures, ...cells], rules);
}
