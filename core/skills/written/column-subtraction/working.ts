import type { HouseStyle } from '../../../house-style';
import { columnFrame, printedDigits, squareCell, type Layout, type Step } from '../../../working';
import { answerAcross } from '../../../methods/columns/answer-across';
import type { Columns, School } from '../../../methods/columns/difference/columns';
import {
  aboveIn,
  differenceMarks,
  differenceSteps
} from '../../../methods/columns/difference/working';
import type { Given } from './numbers';

/** The columns from the right, then the digits of the difference read across. */
export function subtractionSteps(columns: Columns, school: School, base = 10): Step[] {
  return [
    ...differenceSteps(columns, school, base),
    answerAcross(columns.top.length - 1, base, 'digit', 'difference')
  ];
}

/** Minuend over subtrahend, with room above each digit for what it becomes. */
export function subtractionSheet(
  { minuend, subtrahend }: Given,
  school: School,
  style: HouseStyle
): Layout {
  const isEqual = school === 'equal-additions';
  const rows = { before: 1, numbers: isEqual ? 3 : 2, after: 0 };
  const frame = columnFrame(minuend.length, rows, style, '−');
  const { x, top, answerRow, places, layout } = frame;
  return layout([
    ...printedDigits(minuend, x, top, aboveIn(school)),
    ...printedDigits(subtrahend, x, top + 1, isEqual ? 'increased' : undefined),
    ...differenceMarks(places, school, frame),
    ...places.map((place) => squareCell(`digit.${place}`, { x: x(place), y: answerRow }))
  ]);
}
