import { placeHeading, type HouseStyle } from '../../../house-style';
import { fromDigits, parseDigits, printNumber } from '../../../numbers';
import {
  ANSWER,
  wholeNumber,
  type Cell,
  type Get,
  type Graph,
  type Layout,
  type Line,
  type Rule,
  type Step,
  type StepCell
} from '../../../working';
import { total } from './columns';

/**
 * The working of columns of digits, in the order in which a hand writes it:
 *
 *   digit.0, carry.1, digit.1, carry.2, ... digit.n-1, carry.n, digit.n, answer
 */
export function columnGraph(columns: readonly (readonly number[])[], base = 10): Graph {
  const n = columns.length;
  const radix = BigInt(base);
  const steps: Step[] = [];
  for (let p = 0; p < n; p++) {
    const uses = p === 0 ? [] : [`carry.${p}`];
    const sum = columnTotal(columns, p);
    const step = digit(p, uses, (get) => map(sum(get), (value) => value % radix));
    // The last total may be written whole in the last square.
    steps.push(p < n - 1 ? step : { ...step, accepts: (written, get) => written === sum(get) });
    steps.push(carry(p + 1, uses, (get) => map(sum(get), (value) => value / radix)));
  }
  steps.push(newColumn(n, radix), answer(n, base));
  return { steps };
}

function digit(place: number, uses: readonly string[], rule: Rule): Step {
  return { id: `digit.${place}`, kind: 'digit', place, uses, rule, reading: wholeNumber };
}

function carry(place: number, uses: readonly string[], rule: Rule): Step {
  const id = `carry.${place}`;
  return { id, kind: 'carry', place, uses, rule, reading: wholeNumber, leftOut: 0n, silentAt: 0n };
}

/** Digits of a column and the carry that comes in, under the rule's own view of the carry. */
export function columnTotal(columns: readonly (readonly number[])[], place: number) {
  const own = BigInt(total(columns[place]!));
  return (get: Get): bigint | undefined =>
    place === 0 ? own : map(whole(get(`carry.${place}`)), (carry) => own + carry);
}

export function whole(value: ReturnType<Get>): bigint | undefined {
  return typeof value === 'bigint' ? value : undefined;
}

export function map<A, B>(value: A | undefined, convert: (value: A) => B): B | undefined {
  return value === undefined ? undefined : convert(value);
}

/** Copies the last carry, unless the total before it was written whole. */
function newColumn(n: number, radix: bigint): Step {
  const step = digit(n, [`digit.${n - 1}`, `carry.${n}`], (get) => {
    const before = whole(get(`digit.${n - 1}`));
    return before !== undefined && before >= radix ? 0n : whole(get(`carry.${n}`));
  });
  return { ...step, leftOut: 0n, silentAt: 0n };
}

/** Reads the digits across, as they stand: a square with 14 in it reads 14. */
function answer(n: number, base: number): Step {
  const places = Array.from({ length: n + 1 }, (_, i) => `digit.${n - i}`);
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

/** Addends under each other on squared paper, with a column to spare for a longer sum. */
export function columnLayout(addends: readonly string[], style: HouseStyle): Layout {
  const n = Math.max(...addends.map((numeral) => numeral.length));
  const width = n + 2;
  const x = (place: number) => width - 1 - place;
  const headingRows = style.headings === 'none' ? 0 : 1;
  const top = headingRows + (style.carryPosition === 'above' ? 1 : 0);
  const answerRow = top + addends.length;
  const places = Array.from({ length: n + 1 }, (_, place) => place);
  const headings: Cell[] = headingRows
    ? places.map((place) => printed('heading', placeHeading(place, style), x(place), 0))
    : [];
  const given = addends.flatMap((numeral, row) =>
    [...numeral].reverse().map((digit, place) => printed('given', digit, x(place), top + row))
  );
  const digits = places.map((place) => square('digit', place, x(place), answerRow));
  const carries = places
    .slice(1)
    .map((place) => carryCell(place, { x: x(place), top, answerRow, style }));
  const rulesAt = style.answerRules === 'two' ? [answerRow, answerRow + 1] : [answerRow];
  return {
    width,
    height: answerRow + 1 + (style.carryPosition === 'below' ? 0.7 : 0),
    cells: [...headings, ...given, printed('sign', '+', 0, answerRow - 1), ...digits, ...carries],
    rules: rulesAt.map((y): Line => ({ x1: 0, y1: y, x2: width, y2: y }))
  };
}

function printed(role: 'given' | 'sign' | 'heading', text: string, x: number, y: number): Cell {
  return { type: 'printed', role, text, x, y, size: 1 };
}

function square(role: StepCell['role'], place: number, x: number, y: number): StepCell {
  return { type: 'step', role, step: `${role}.${place}`, x, y, size: 1, crossedOff: false };
}

interface CarrySpot {
  readonly x: number;
  readonly top: number;
  readonly answerRow: number;
  readonly style: HouseStyle;
}

function carryCell(place: number, { x, top, answerRow, style }: CarrySpot): StepCell {
  const at = {
    above: { x: x + 0.2, y: top - 0.7, size: 0.6 },
    below: { x: x + 0.2, y: answerRow + 1.05, size: 0.6 },
    beside: { x: x - 0.05, y: answerRow + 0.02, size: 0.42 }
  }[style.carryPosition];
  return { ...square('carry', place, x, answerRow), ...at, crossedOff: style.crossOff };
}
