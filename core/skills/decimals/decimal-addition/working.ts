import type { HouseStyle } from '../../../house-style';
import { carryingFrame, type Layout, type Step } from '../../../working';
import { figureSteps } from '../../../methods/columns/sum/working';
import { decimalAcross } from '../../../methods/columns/decimal/answer';
import { placesOf, wholeDigitsOf } from '../../../numbers/decimal-numerals';
import { decimalRows, padding } from '../../../methods/columns/decimal/sheet';
import { alignedColumns, type Given } from './numbers';

/**
 * Zeros in the blank places, then the columns from the last place to the left, then the figures read across with
 * the point straight below the others:
 *
 *   pad.i.p      digit.-2, carry.-1, digit.-1, carry.0, digit.0, ... --> answer
 */
export function decimalSteps(given: Given): Step[] {
  const [columns, places] = [alignedColumns(given), placesOf(given.addends)];
  return [
    ...padding(given.addends),
    ...figureSteps(columns, 10, -places),
    decimalAcross(
      { highest: columns.length - places, places, amounts: given.amounts ?? false },
      'sum'
    )
  ];
}

/** The numbers with their points in line, the point in a column of its own, and a column to spare on the left. */
export function decimalSheet({ addends }: Given, style: HouseStyle): Layout {
  const wholes = wholeDigitsOf(addends) + 1;
  const frame = carryingFrame(wholes, addends.length, style, '+', placesOf(addends));
  const carries = frame.places.slice(1).map(frame.carry);
  return frame.layout([...decimalRows(addends, frame, style), ...carries], frame.answerRow - 1);
}
