import type { HouseStyle } from '../../../house-style';
import { columnFrame, type Layout, type Step } from '../../../working';
import type { School } from '../../../methods/columns/difference/columns';
import {
  aboveIn,
  differenceMarks,
  differenceSteps
} from '../../../methods/columns/difference/working';
import { decimalAcross } from '../../../methods/columns/decimal/answer';
import { placesOf, wholeDigitsOf } from '../../../numbers/decimal-numerals';
import { decimalRows, padding } from '../../../methods/columns/decimal/sheet';
import { columnsOf, type Given } from './numbers';

/**
 * Zeros in the blank places, then the columns from the last place to the left, then the figures read across:
 *
 *   pad.i.p      rewritten.-2, digit.-2, rewritten.-1, digit.-1, ... --> answer
 */
export function decimalSteps(given: Given, school: School): Step[] {
  const numbers = [given.minuend, given.subtrahend];
  const columns = columnsOf(given);
  const places = -columns.lowest;
  return [
    ...padding(numbers),
    ...differenceSteps(columns, school),
    decimalAcross(
      { highest: columns.top.length - places - 1, places, amounts: given.amounts ?? false },
      'difference'
    )
  ];
}

/** Minuend over subtrahend, the points in line, with room above each digit for what it becomes. */
export function decimalSheet(
  { minuend, subtrahend }: Given,
  school: School,
  style: HouseStyle
): Layout {
  const numbers = [minuend, subtrahend];
  const isEqual = school === 'equal-additions';
  const rows = { before: 1, numbers: isEqual ? 3 : 2, after: 0 };
  const frame = columnFrame(wholeDigitsOf(numbers), rows, style, '−', placesOf(numbers));
  const struckBy = [aboveIn(school), isEqual ? 'increased' : undefined];
  return frame.layout([
    ...decimalRows(numbers, frame, style, struckBy),
    ...differenceMarks(frame.places, school, frame)
  ]);
}
