import { placeHeading, type HouseStyle } from '../../house-style';
import { ANSWER } from '../graph';
import { printedCell, squareCell, type Cell, type Layout, type Line } from '../layout';
import { printedDigits } from './columns';

/** How much room a written division takes. */
export interface DivisionShape {
  /** Figures of the divisor, and of the dividend left and right of the point. */
  readonly divisor: number;
  readonly wholes: number;
  readonly decimals: number;
  /** Rows above the place headings. */
  readonly above: number;
}

/**
 * The frame of a written division: room for the divisor, a bar over the dividend, and place headings; `top` is
 * the row of the quotient, the dividend stands in the next. The point, where there is one, has a column of its own.
 */
export function divisionLines(shape: DivisionShape, style: HouseStyle) {
  const { divisor, wholes, decimals, above } = shape;
  const end = divisor + wholes + (decimals > 0 ? decimals + 1 : 0);
  const width = Math.max(end, 5);
  const x = (place: number) => divisor + wholes - 1 - place + (place < 0 ? 1 : 0);
  const top = above + (style.headings === 'none' ? 0 : 1);
  const places = Array.from({ length: wholes + decimals }, (_, at) => wholes - 1 - at);
  const headings = places.map((place) =>
    printedCell('heading', placeHeading(place, style), { x: x(place), y: above })
  );
  const bar: Line[] = [
    { x1: divisor, y1: top + 1, x2: end, y2: top + 1 },
    { x1: divisor, y1: top + 1, x2: divisor, y2: top + 2 }
  ];
  /** The whole sheet: what is worked, and the answer in a row of its own. */
  const layout = (
    answerRow: number,
    worked: readonly Cell[],
    ruled: readonly Line[] = []
  ): Layout => ({
    width,
    height: answerRow + 1,
    cells: [
      ...(top > above ? headings : []),
      ...worked,
      printedCell('sign', '=', { x: 0, y: answerRow }),
      squareCell(ANSWER, { x: 1, y: answerRow, width: width - 1 })
    ],
    rules: [...bar, ...ruled]
  });
  return { x, top, places, layout };
}

/** The frame of a division of whole numbers, which are printed in it. */
export function divisionFrame(
  { dividend, divisor }: { readonly dividend: string; readonly divisor: string },
  style: HouseStyle
) {
  const shape = { divisor: divisor.length, wholes: dividend.length, decimals: 0, above: 0 };
  const { x, top, layout } = divisionLines(shape, style);
  const printed: Cell[] = [
    ...[...divisor].map((digit, at) => printedCell('given', digit, { x: at, y: top + 1 })),
    ...printedDigits(dividend, x, top + 1)
  ];
  return {
    x,
    top,
    layout: (answerRow: number, worked: readonly Cell[], ruled: readonly Line[] = []) =>
      layout(answerRow, [...printed, ...worked], ruled)
  };
}
