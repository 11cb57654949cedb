import type { HouseStyle } from '../../../house-style';
import { fromDigits, toDigits } from '../../../numbers';
import {
  ANSWER,
  map,
  squareCell,
  whole,
  wholeNumber,
  type Get,
  type Graph,
  type Layout,
  type Rule,
  type Step
} from '../../../working';
import type { Scheme } from '../../../marking/scheme';
import { answerAcross, columnFrame, printedDigits } from '../columns';
import type { Factors } from './operands';

/** What a column of a row comes to, from the digits multiplied and the carry that comes in. */
export type RowTotal = (row: number, column: number, carry: bigint) => bigint;

/**
 * One row for each digit of the multiplier, each with its own carries, then their sum:
 *
 *   row.0.digit.0, row.0.carry.1, row.0.digit.1, ...     row.1.placeholder.0, row.1.digit.1, ...
 *   sum.digit.0, sum.carry.1, sum.digit.1, ... --> answer
 */
export function multiplicationGraph(factors: Factors): Graph {
  const total: RowTotal = (row, column, carry) =>
    BigInt(factors.multiplicand[column]! * factors.multiplier[row]!) + carry;
  const rows = factors.multiplier.flatMap((_, row) => rowSteps(factors, row, total));
  const places = factors.multiplicand.length + factors.multiplier.length;
  const sums = Array.from({ length: places }, (_, place) => sumSteps(factors, place)).flat();
  return { steps: [...rows, ...sums, answerAcross(places - 1, 10, 'sum.digit')] };
}

/** The steps of one row; `total` says how a column comes about. */
export function rowSteps(
  { multiplicand, multiplier }: Factors,
  row: number,
  total: RowTotal
): Step[] {
  const n = multiplicand.length;
  const isSilent = multiplier[row] === 0;
  const steps: Step[] = Array.from({ length: row }, (_, place) =>
    step(`row.${row}.placeholder.${place}`, 'placeholder', place, [], () => 0n)
  );
  for (let j = 0; j < n; j++) {
    const place = row + j;
    const carryIn = `row.${row}.carry.${place}`;
    const uses = j === 0 ? [] : [carryIn];
    const sum = (get: Get) =>
      map(j === 0 ? 0n : whole(get(carryIn)), (carry) => total(row, j, carry));
    const digit = step(`row.${row}.digit.${place}`, 'digit', place, uses, (get) =>
      map(sum(get), (value) => value % 10n)
    );
    const silent = isSilent ? { silentAt: 0n } : {};
    const next = place + 1;
    steps.push(
      // A row's last total may be written whole in one square.
      j < n - 1
        ? { ...digit, ...silent, leftOut: 0n }
        : { ...digit, ...silent, leftOut: 0n, accepts: (written, get) => written === sum(get) }
    );
    if (j < n - 1) {
      steps.push(
        mark(`row.${row}.carry.${next}`, 'carry', next, uses, (get) =>
          map(sum(get), (value) => value / 10n)
        )
      );
    } else {
      const spill: Rule = (get) => {
        const before = whole(get(`row.${row}.digit.${place}`));
        return before !== undefined && before >= 10n ? 0n : map(sum(get), (value) => value / 10n);
      };
      steps.push(
        mark(
          `row.${row}.digit.${next}`,
          'digit',
          next,
          [`row.${row}.digit.${place}`, ...uses],
          spill
        )
      );
    }
  }
  return steps;
}

function sumSteps({ multiplicand, multiplier }: Factors, place: number): Step[] {
  const n = multiplicand.length;
  const squares = multiplier.flatMap((_, row) => {
    if (place < row) return [`row.${row}.placeholder.${place}`];
    return place <= row + n ? [`row.${row}.digit.${place}`] : [];
  });
  const uses = place === 0 ? squares : [...squares, `sum.carry.${place}`];
  const sum = (get: Get) =>
    uses.reduce<bigint | undefined>(
      (total, id) => map(total, (so) => map(whole(get(id)), (value) => so + value)),
      0n
    );
  const length = toDigits(fromDigits(multiplicand) * fromDigits(multiplier)).length;
  const digit = step(`sum.digit.${place}`, 'sum', place, uses, (get) =>
    map(sum(get), (value) => value % 10n)
  );
  const steps = [place < length ? digit : { ...digit, leftOut: 0n, silentAt: 0n }];
  if (place === n + multiplier.length - 1) return steps;
  const carry = mark(`sum.carry.${place + 1}`, 'sum-carry', place + 1, uses, (get) =>
    map(sum(get), (value) => value / 10n)
  );
  return [...steps, carry];
}

function step(id: string, kind: string, place: number, uses: readonly string[], rule: Rule): Step {
  return { id, kind, place, uses, rule, reading: wholeNumber };
}

function mark(id: string, kind: string, place: number, uses: readonly string[], rule: Rule): Step {
  return { ...step(id, kind, place, uses, rule), leftOut: 0n, silentAt: 0n };
}

/** A method mark for each row that is not all zeros, one for the addition, one for the answer. */
export function multiplicationScheme(factors: Factors): Scheme {
  const ids = multiplicationGraph(factors).steps.map(({ id }) => id);
  const rows = factors.multiplier.flatMap((digit, row) =>
    digit === 0 ? [] : [ids.filter((id) => id.startsWith(`row.${row}.`))]
  );
  const methods = [...rows, ids.filter((id) => id.startsWith('sum.'))];
  return {
    showWorking: false,
    marks: [
      ...methods.map((steps, at) => ({
        id: `M${at + 1}`,
        kind: 'M' as const,
        value: 1,
        steps,
        own: 'ft' as const
      })),
      {
        id: 'A1',
        kind: 'A',
        value: 1,
        steps: [ANSWER],
        dependsOn: `M${methods.length}`,
        own: 'cao'
      }
    ]
  };
}

/** Factors, rows with their carries in the corners, and their sum, on squared paper. */
export function multiplicationLayout(
  multiplicand: string,
  multiplier: string,
  style: HouseStyle
): Layout {
  const n = multiplicand.length;
  const m = multiplier.length;
  const { x, top, answerRow, layout } = columnFrame(
    n + m,
    { before: 0, numbers: 2 + m, after: 0 },
    style,
    '×'
  );
  const firstRow = top + 2;
  const corner = (id: string, place: number, y: number) => ({
    ...squareCell(id, { x: x(place) - 0.04, y: y + 0.02, size: 0.42 }, 'carry'),
    crossedOff: style.crossOff
  });
  const square = (id: string, place: number, y: number) => squareCell(id, { x: x(place), y });
  const rows = [...multiplier].flatMap((_, row) => {
    const y = firstRow + row;
    const placeholders = Array.from({ length: row }, (_, place) =>
      square(`row.${row}.placeholder.${place}`, place, y)
    );
    const digits = Array.from({ length: n + 1 }, (_, j) =>
      square(`row.${row}.digit.${row + j}`, row + j, y)
    );
    const carries = Array.from({ length: n - 1 }, (_, j) =>
      corner(`row.${row}.carry.${row + j + 1}`, row + j + 1, y)
    );
    return [...placeholders, ...digits, ...carries];
  });
  const sums = Array.from({ length: n + m }, (_, place) =>
    square(`sum.digit.${place}`, place, answerRow)
  );
  const sumCarries = Array.from({ length: n + m - 1 }, (_, p) =>
    corner(`sum.carry.${p + 1}`, p + 1, answerRow)
  );
  const sheet = layout([
    ...printedDigits(multiplicand, x, top),
    ...printedDigits(multiplier, x, top + 1),
    ...rows,
    ...sums,
    ...sumCarries
  ]);
  const underFactors = { x1: 0, y1: firstRow, x2: sheet.width, y2: firstRow };
  return { ...sheet, rules: [underFactors, ...sheet.rules] };
}
