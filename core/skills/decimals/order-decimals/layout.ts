import type { HouseStyle } from '../../../house-style';
import { ANSWER, printedCell, squareCell, type Cell, type Layout } from '../../../working';
import { partsOf, type Given } from './numbers';

/** The numbers under each other with their points in line, each with room to pad it and to rank it; then the list. */
export function orderLayout({ numbers }: Given, { decimalMark }: HouseStyle): Layout {
  const parts = numbers.map(partsOf);
  const wholes = Math.max(...parts.map(({ whole }) => String(whole).length));
  const places = Math.max(...parts.map(({ decimals }) => decimals.length));
  const paddedWidth = Math.max(2, Math.ceil((wholes + places + 1) * 0.6));
  const paddedAt = wholes + places + 1;
  const rankAt = paddedAt + paddedWidth + 1;
  // The list needs about a third of a square for each figure, mark and space.
  const width = Math.max(rankAt + 1, Math.ceil(numbers.join(', ').length * 0.36) + 1);
  const bottom = numbers.length + 2;
  const mark = decimalMark === 'comma' ? ',' : '.';
  const cells: Cell[] = parts.flatMap(({ whole, decimals }, at) => {
    const y = at + 1;
    const digits = [...String(whole)].reverse();
    return [
      ...digits.map((digit, place) => given(digit, wholes - 1 - place, y)),
      ...(decimals ? [given(mark, wholes - 0.5, y)] : []),
      ...[...decimals].map((digit, place) => given(digit, wholes + place, y)),
      squareCell(`padded.${at}`, { x: paddedAt, y, width: paddedWidth }, 'carry'),
      squareCell(`rank.${at}`, { x: rankAt, y })
    ];
  });
  return {
    width,
    height: bottom + 1,
    cells: [
      printedCell('heading', 'padded', { x: paddedAt, y: 0, width: paddedWidth }),
      printedCell('heading', 'rank', { x: rankAt, y: 0, width: 1 }),
      ...cells,
      squareCell(ANSWER, { x: 0, y: bottom, width })
    ],
    rules: [
      { x1: paddedAt, y1: 1, x2: paddedAt + paddedWidth, y2: 1 },
      { x1: rankAt, y1: 1, x2: rankAt + 1, y2: 1 },
      { x1: 0, y1: bottom + 1, x2: width, y2: bottom + 1 }
    ]
  };
}

function given(text: string, x: number, y: number): Cell {
  return printedCell('given', text, { x, y });
}
