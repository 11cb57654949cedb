import { placeHeading, type HouseStyle } from '../../house-style';
import { ANSWER } from '../graph';
import { printedCell, squareCell, type Cell, type Layout, type Line } from '../layout';
import { printedDigits } from './columns';

/**
 * The frame of a written division: the divisor, a bar over the dividend, and place headings; `top` is the row of
 * the quotient, the dividend stands in the next.
 */
export function divisionFrame(
  { dividend, divisor }: { readonly dividend: string; readonly divisor: string },
  style: HouseStyle
) {
  const before = divisor.length;
  const width = Math.max(before + dividend.length, 5);
  const x = (place: number) => before + dividend.length - 1 - place;
  const top = style.headings === 'none' ? 0 : 1;
  const places = [...dividend].map((_, at) => dividend.length - 1 - at);
  const headings = places.map((place) =>
    printedCell('heading', placeHeading(place, style), { x: x(place), y: 0 })
  );
  const cells: Cell[] = [
    ...(top > 0 ? headings : []),
    ...[...divisor].map((digit, at) => printedCell('given', digit, { x: at, y: top + 1 })),
    ...printedDigits(dividend, x, top + 1)
  ];
  const rules: Line[] = [
    { x1: before, y1: top + 1, x2: before + dividend.length, y2: top + 1 },
    { x1: before, y1: top + 1, x2: before, y2: top + 2 }
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
      ...cells,
      ...worked,
      printedCell('sign', '=', { x: 0, y: answerRow }),
      squareCell(ANSWER, { x: 1, y: answerRow, width: width - 1 })
    ],
    rules: [...rules, ...ruled]
  });
  return { x, top, layout };
}
