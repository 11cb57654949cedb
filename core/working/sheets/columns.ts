import { placeHeading, type HouseStyle } from '../../house-style';
import { printedCell, squareCell, type Cell, type Layout, type StepCell } from '../layout';

/** Rows of a column sheet: before the numbers, the numbers, and after the answer. */
export interface Rows {
  readonly before: number;
  readonly numbers: number;
  readonly after: number;
}

/**
 * The frame of a column sheet: headings, sign, rules; `digits` columns and one for the sign. Where there are
 * decimals the point has a column of its own, between them and the ones.
 */
export function columnFrame(
  digits: number,
  rows: Rows,
  style: HouseStyle,
  sign: string,
  decimals = 0
) {
  const width = digits + 1 + (decimals > 0 ? decimals + 1 : 0);
  const x = (place: number) => (place < 0 ? digits + 1 - place : digits - place);
  const headingRows = style.headings === 'none' ? 0 : 1;
  const top = headingRows + rows.before;
  const answerRow = top + rows.numbers;
  const places = Array.from({ length: digits + decimals }, (_, at) => at - decimals);
  const headings: Cell[] = headingRows
    ? places.map((place) =>
        printedCell('heading', placeHeading(place, style), { x: x(place), y: 0 })
      )
    : [];
  const rulesAt = style.answerRules === 'two' ? [answerRow, answerRow + 1] : [answerRow];
  const layout = (cells: readonly Cell[], signRow = top + 1): Layout => ({
    width,
    height: answerRow + 1 + rows.after,
    cells: [...headings, ...cells, printedCell('sign', sign, { x: 0, y: signRow })],
    rules: rulesAt.map((y) => ({ x1: 0, y1: y, x2: width, y2: y }))
  });
  return { x, top, answerRow, places, layout };
}

/** A column sheet on which what is carried stands above the numbers, below the answer or beside its digits. */
export function carryingFrame(
  digits: number,
  numbers: number,
  style: HouseStyle,
  sign: string,
  decimals = 0
) {
  const position = style.carryPosition;
  const before = position === 'above' ? 1 : 0;
  const after = position === 'below' ? 0.7 : 0;
  const frame = columnFrame(digits, { before, numbers, after }, style, sign, decimals);
  const carry = (place: number): StepCell => {
    const id = `carry.${place}`;
    const x = frame.x(place);
    if (position === 'beside') return corner(id, x, frame.answerRow, style);
    const y = position === 'above' ? frame.top - 0.7 : frame.answerRow + 1.05;
    return {
      ...squareCell(id, { x: x + 0.2, y, size: 0.6 }, 'carry'),
      crossedOff: style.crossOff
    };
  };
  return { ...frame, carry };
}

/** The digits of a numeral in a row; each struck once the step of that kind above or below it is written. */
export function printedDigits(
  numeral: string,
  x: (place: number) => number,
  y: number,
  struckBy?: string
): Cell[] {
  return [...numeral].reverse().map((digit, place) => ({
    ...printedCell('given', digit, { x: x(place), y }),
    ...(struckBy && { struckBy: `${struckBy}.${place}` })
  }));
}

/**
 * A decimal in a row, its last figure in the ones: the point stands on the line between two squares. Figures are
 * lined up as those of whole numbers, as factors are.
 */
export function printedDecimal(
  numeral: string,
  x: (place: number) => number,
  y: number,
  { decimalMark }: HouseStyle
): Cell[] {
  const at = numeral.indexOf('.');
  const digits = printedDigits(numeral.replace('.', ''), x, y);
  if (at < 0) return digits;
  const mark = decimalMark === 'comma' ? ',' : '.';
  const ones = x(numeral.length - 1 - at);
  return [...digits, printedCell('sign', mark, { x: ones + 0.5, y })];
}

/** A small mark in the upper corner of a square: a carry beside a digit. */
export function corner(step: string, x: number, y: number, { crossOff }: HouseStyle): StepCell {
  return {
    ...squareCell(step, { x: x - 0.04, y: y + 0.02, size: 0.42 }, 'carry'),
    crossedOff: crossOff
  };
}
