import { placeHeading, type HouseStyle } from '../../house-style';
import { fromDigits, parseDigits, printNumber } from '../../numbers';
import {
  ANSWER,
  printedCell,
  whole,
  wholeNumber,
  type Cell,
  type Layout,
  type Step
} from '../../working';

/** The answer that reads the digits to the place `highest` across, as they stand: a square with 14 reads 14. */
export function answerAcross(highest: number, base: number, kind = 'digit'): Step {
  const places = Array.from({ length: highest + 1 }, (_, i) => `${kind}.${highest - i}`);
  return {
    id: ANSWER,
    kind: ANSWER,
    reading: wholeNumber,
    uses: places,
    assembled: true,
    rule: (get) => {
      const digits = places.map((id) => whole(get(id)));
      if (digits.some((digit) => digit === undefined)) return undefined;
      const numeral = digits.map((digit) => printNumber(digit!, base)).join('');
      return fromDigits(parseDigits(numeral, base)!, base);
    }
  };
}

/** Rows of a column sheet: before the numbers, the numbers, and after the answer. */
export interface Rows {
  readonly before: number;
  readonly numbers: number;
  readonly after: number;
}

/** The frame of a column sheet: headings, sign, rules; `digits` columns and one for the sign. */
export function columnFrame(digits: number, rows: Rows, style: HouseStyle, sign: string) {
  const width = digits + 1;
  const x = (place: number) => width - 1 - place;
  const headingRows = style.headings === 'none' ? 0 : 1;
  const top = headingRows + rows.before;
  const answerRow = top + rows.numbers;
  const headings: Cell[] = headingRows
    ? Array.from({ length: digits }, (_, place) =>
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
  return { x, top, answerRow, layout };
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
