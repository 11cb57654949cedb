import { placeHeading, type HouseStyle } from '../../house-style';
import { ANSWER } from '../graph';
import { printedCell, squareCell, type Cell, type Layout, type Line } from '../layout';
import { printedDigits } from './columns';

/** How much room a written division takes, and where its quotient stands. */
export interface DivisionShape {
  /** Figures of the divisor, and of the dividend left and right of the point. */
  readonly divisor: number;
  readonly wholes: number;
  readonly decimals: number;
  /** The quotient stands right of the dividend, under the divisor, and not above it. */
  readonly isRight: boolean;
  /** The highest place of the quotient that is written, if it stands at the right. */
  readonly top: number;
}

/** Where the parts of a written division stand. */
export interface DivisionFrame {
  /** Column of a place of the dividend, and the row it stands in. */
  readonly x: (place: number) => number;
  readonly row: number;
  readonly places: readonly number[];
  /** Where the divisor begins, and where a figure of the quotient and its point stand. */
  readonly divisor: Place;
  readonly quotient: (place: number) => Place;
  readonly point: Place;
  layout(answerRow: number, worked: readonly Cell[], ruled?: readonly Line[]): Layout;
}

interface Place {
  readonly x: number;
  readonly y: number;
}

/**
 * The frame of a written division: the dividend with its place headings, the divisor before it and the quotient
 * above its bar, or both right of it, the quotient below. The point, where there is one, has a column of its own.
 */
export function divisionLines(shape: DivisionShape, style: HouseStyle): DivisionFrame {
  const { divisor, wholes, decimals, isRight } = shape;
  const start = isRight ? 1 : divisor;
  const end = start + wholes + (decimals > 0 ? decimals + 1 : 0);
  const x = (place: number) => start + wholes - 1 - place + (place < 0 ? 1 : 0);
  const heading = style.headings === 'none' ? 0 : 1;
  const row = heading + (isRight ? 0 : 1);
  const places = Array.from({ length: wholes + decimals }, (_, at) => wholes - 1 - at);
  const headings = places.map((place) =>
    printedCell('heading', placeHeading(place, style), { x: x(place), y: 0 })
  );
  const figures = shape.top + 1 + (decimals > 0 ? decimals + 1 : 0);
  const width = Math.max(isRight ? end + Math.max(divisor, figures) : end, 5);
  const rightOf = (place: number) => end + shape.top - place + (place < 0 ? 1 : 0);
  const bar: Line[] = isRight
    ? [
        { x1: end, y1: row, x2: end, y2: row + 2 },
        { x1: end, y1: row + 1, x2: width, y2: row + 1 }
      ]
    : [
        { x1: divisor, y1: row, x2: end, y2: row },
        { x1: divisor, y1: row, x2: divisor, y2: row + 1 }
      ];
  const quotient = (place: number): Place =>
    isRight ? { x: rightOf(place), y: row + 1 } : { x: x(place), y: row - 1 };
  /** The whole sheet: what is worked, and the answer in a row of its own. */
  const layout = (
    answerRow: number,
    worked: readonly Cell[],
    ruled: readonly Line[] = []
  ): Layout => ({
    width,
    height: answerRow + 1,
    cells: [
      ...(heading > 0 ? headings : []),
      ...worked,
      printedCell('sign', '=', { x: 0, y: answerRow }),
      squareCell(ANSWER, { x: 1, y: answerRow, width: width - 1 })
    ],
    rules: [...bar, ...ruled]
  });
  const ones = quotient(0);
  return {
    ...{ x, row, places, quotient, layout },
    divisor: { x: isRight ? end : 0, y: row },
    point: { x: ones.x + 1, y: ones.y }
  };
}

/** The frame of a division of whole numbers, which are printed in it; `top` is the quotient's highest place. */
export function divisionFrame(
  { dividend, divisor }: { readonly dividend: string; readonly divisor: string },
  style: HouseStyle,
  { isRight, top }: Pick<DivisionShape, 'isRight' | 'top'> = { isRight: false, top: 0 }
): DivisionFrame {
  const shape = { divisor: divisor.length, wholes: dividend.length, decimals: 0, isRight, top };
  const frame = divisionLines(shape, style);
  const printed: Cell[] = [
    ...[...divisor].map((digit, at) =>
      printedCell('given', digit, { x: frame.divisor.x + at, y: frame.divisor.y })
    ),
    ...printedDigits(dividend, frame.x, frame.row)
  ];
  return {
    ...frame,
    layout: (answerRow, worked, ruled) => frame.layout(answerRow, [...printed, ...worked], ruled)
  };
}
