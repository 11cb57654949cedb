import type { HouseStyle } from '../../house-style';
import { fromDigits, toDigits, wholeNumber, type Reading } from '../../numbers';
import {
  ANSWER,
  columnFrame,
  corner,
  parting,
  printedDecimal,
  squareCell,
  step,
  stepOn,
  swaps,
  unwrittenAt,
  using,
  type Layout,
  type Step,
  type Symmetry
} from '../../working';
import { method } from '../../schemes';
import { answerAcross } from '../columns/answer-across';
import { productSteps, type ProductRow, type RowTotal } from './product-row';
import { printedFactors, type Factors, type Given } from './factors';

/** A placeholder is a zero; some houses write a cross, or leave the place open. */
const placeholder: Reading<bigint> = {
  ...wholeNumber,
  parse: (written) => (/^\s*[x×✕✗-]\s*$/i.test(written) ? 0n : wholeNumber.parse(written))
};

/** What stands in the place of a placeholder. */
const HOLDERS = { zero: '0', cross: '×', open: '' } as const;

/**
 * One row for each digit of the multiplier, each with its own carries, then their sum:
 *
 *   row.0.digit.0, row.0.carry.1, row.0.digit.1, ...     row.1.placeholder.0, row.1.digit.1, ...
 *   sum.digit.0, sum.carry.1, sum.digit.1, ... --> answer
 *
 * `end` is the step in which the product is read across.
 */
export function multiplicationSteps(factors: Factors, end = ANSWER): Step[] {
  const rows = factors.multiplier.flatMap((_, row) => rowSteps(factors, row));
  const places = factors.multiplicand.length + factors.multiplier.length;
  const sums = Array.from({ length: places }, (_, place) => sumSteps(factors, place)).flat();
  return [...rows, ...sums, answerAcross(places - 1, 10, 'sum.digit', 'product', end)];
}

/** A row as a product of the multiplicand and one digit of the multiplier. */
export function productRow({ multiplicand, multiplier }: Factors, row: number): ProductRow {
  return {
    multiplicand,
    m: multiplier[row]!,
    prefix: `row.${row}.`,
    shift: row,
    label:
      (kind, place) =>
      ({ place: name }) =>
        `Row ${row + 1}, ${kind === 'carry' ? 'carry into the ' : ''}${name(place)}`
  };
}

/** The steps of one row; `total` says how a column comes about. */
export function rowSteps(factors: Factors, row: number, total?: RowTotal): Step[] {
  const m = factors.multiplier[row]!;
  const placeholders = Array.from({ length: row }, (_, place) =>
    step(`row.${row}.placeholder.${place}`, [], () => 0n, {
      reading: placeholder,
      writes: (_value, style) => HOLDERS[style.placeholder],
      label: ({ place: name }) => `Placeholder of row ${row + 1} in the ${name(place)}`,
      says: ({ style, place: name }) => {
        const held = {
          zero: `a 0 holds the ${name(place)}`,
          cross: `a cross holds the ${name(place)}`,
          open: `the ${name(place)} stay open`
        };
        return `Row ${row + 1} multiplies by ${m} ${name(row)}: ${held[style.placeholder]}.`;
      }
    })
  );
  const more = m === 0 ? unwrittenAt(0n) : { leftOut: 0n };
  return [...placeholders, ...productSteps(productRow(factors, row), total, more)];
}

/** The step that stands in a row at a place: a placeholder, or a digit of the product. */
export const rowSquare = (row: number, place: number): string =>
  `row.${row}.${place < row ? 'placeholder' : 'digit'}.${place}`;

/** Rows that change places, square by square: they may be written in any order. */
export function rowOrders({ multiplicand, multiplier }: Factors): Symmetry[] {
  const end = multiplicand.length + multiplier.length;
  const rows = multiplier.map((_, row) => row);
  return rows.flatMap((one) =>
    rows.slice(one + 1).map((other) => {
      const shared = Array.from({ length: end }, (_, place) => place).filter(
        (place) => place <= one + multiplicand.length
      );
      const carried = shared.filter((place) => place > other && place < one + multiplicand.length);
      return swaps([
        ...shared.map((place) => [rowSquare(one, place), rowSquare(other, place)] as const),
        ...carried.map(
          (place) => [`row.${one}.carry.${place}`, `row.${other}.carry.${place}`] as const
        )
      ]);
    })
  );
}

function sumSteps({ multiplicand, multiplier }: Factors, place: number): Step[] {
  const n = multiplicand.length;
  const squares = multiplier.flatMap((_, row) => {
    if (place < row) return [`row.${row}.placeholder.${place}`];
    return place <= row + n ? [`row.${row}.digit.${place}`] : [];
  });
  const uses = place === 0 ? squares : [...squares, `sum.carry.${place}`];
  const isLast = place === n + multiplier.length - 1;
  const sum = using(uses, (...figures) => figures.reduce((one, other) => one + other, 0n));
  const { written, carried } = parting(`sum.total.${place}`, sum, 10n);
  const length = toDigits(fromDigits(multiplicand) * fromDigits(multiplier)).length;
  const digit = stepOn(
    `sum.digit.${place}`,
    // The leading total is written whole: a right product has one figure there, a wrong one may have two.
    isLast ? sum : written,
    {
      kind: 'sum',
      label: ({ place: name }) => `Sum, ${name(place)}`,
      says: ({ value, of, place: name }) => addingRows(uses.map(of), value, name(place)),
      ...(place >= length && unwrittenAt(0n))
    }
  );
  if (isLast) return [digit];
  const carry = stepOn(`sum.carry.${place + 1}`, carried, {
    ...unwrittenAt(0n),
    kind: 'sum-carry',
    label: ({ place: name }) => `Sum, carry into the ${name(place + 1)}`,
    says: ({ value, place: name }) => `Carry ${value} to the ${name(place + 1)}.`
  });
  return [digit, carry];
}

/** What earns the mark of a row, or of the addition, by the steps of the mark. */
export function rowsEarn(first: string, { multiplicand, multiplier }: Given): string | undefined {
  if (first === 'sum.*') return 'the rows added';
  const [, row] = /^row\.(\d+)\.\*$/.exec(first) ?? [];
  const figure = row && multiplier.at(-1 - Number(row));
  return figure && `the row of ${multiplicand} × ${figure}${'0'.repeat(Number(row))}`;
}

/** The figures of a column with what they make; a blank square is none. */
function addingRows(figures: readonly string[], written: string, place: string): string {
  // A placeholder may be a cross, or left open.
  const terms = figures.filter((figure) => /^\d+$/.test(figure));
  const total = terms.reduce((sum, figure) => sum + Number(figure), 0);
  const sum = terms.length > 1 ? `${terms.join(' + ')} = ${total}. Write` : 'write';
  return `Add the ${place} of the rows: ${sum} ${written}.`;
}

/** A method mark for each row that is not all zeros, and one for the addition. */
export function rowMarks({ multiplier }: Given) {
  const rows = [...multiplier]
    .reverse()
    .flatMap((digit, row) => (digit === '0' ? [] : [method(`row.${row}.*`)]));
  return [...rows, method('sum.*')];
}

/** Factors, rows with their carries in the corners, and their sum, on squared paper. */
export function multiplicationSheet(
  given: Given,
  style: HouseStyle,
  printed = printedFactors(given)
): Layout {
  const { multiplier } = given;
  const [n, m] = [given.multiplicand.length, multiplier.length];
  const rows = { before: 0, numbers: 2 + m, after: 0 };
  const frame = columnFrame(Math.max(n + m, printed.width), rows, style, '×');
  const { x, top, answerRow, layout } = frame;
  const places = frame.places.slice(0, n + m);
  const square = (id: string, place: number, y: number) => squareCell(id, { x: x(place), y });
  const mark = (id: string, place: number, y: number) => corner(id, x(place), y, style);
  const figures = [...multiplier].flatMap((_, row) => {
    const y = top + 2 + row;
    const name = (kind: string, place: number) => `row.${row}.${kind}.${place}`;
    return [
      ...places.slice(0, row).map((place) => square(name('placeholder', place), place, y)),
      ...places.slice(row, row + n + 1).map((place) => square(name('digit', place), place, y)),
      ...places.slice(row + 1, row + n).map((place) => mark(name('carry', place), place, y))
    ];
  });
  const sheet = layout([
    ...printedDecimal(printed.multiplicand, x, top, style),
    ...printedDecimal(printed.multiplier, x, top + 1, style),
    ...figures,
    ...places.map((place) => square(`sum.digit.${place}`, place, answerRow)),
    ...places.slice(1).map((place) => mark(`sum.carry.${place}`, place, answerRow))
  ]);
  const underFactors = { x1: 0, y1: top + 2, x2: sheet.width, y2: top + 2 };
  return { ...sheet, rules: [underFactors, ...sheet.rules] };
}
