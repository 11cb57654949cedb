import type { HouseStyle } from '../../../house-style';
import {
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
import { answerAcross, columnFrame, printedDigits } from '../columns';
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
  steps.push(newColumn(n, radix), answerAcross(n, base));
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

/** Copies the last carry, unless the total before it was written whole. */
function newColumn(n: number, radix: bigint): Step {
  const step = digit(n, [`digit.${n - 1}`, `carry.${n}`], (get) => {
    const before = whole(get(`digit.${n - 1}`));
    return before !== undefined && before >= radix ? 0n : whole(get(`carry.${n}`));
  });
  return { ...step, leftOut: 0n, silentAt: 0n };
}

/** Addends under each other on squared paper, with a column to spare for a longer sum. */
export function columnLayout(addends: readonly string[], style: HouseStyle): Layout {
  const n = Math.max(...addends.map((numeral) => numeral.length));
  const rows = {
    before: style.carryPosition === 'above' ? 1 : 0,
    numbers: addends.length,
    after: style.carryPosition === 'below' ? 0.7 : 0
  };
  const { x, top, answerRow, layout } = columnFrame(n + 1, rows, style, '+');
  const places = Array.from({ length: n + 1 }, (_, place) => place);
  const digits = places.map((place) => squareCell(`digit.${place}`, { x: x(place), y: answerRow }));
  const carries = places.slice(1).map((place) => ({
    ...squareCell(`carry.${place}`, carryBox(x(place), { top, answerRow, style }), 'carry'),
    crossedOff: style.crossOff
  }));
  const given = addends.flatMap((numeral, row) => printedDigits(numeral, x, top + row));
  return layout([...given, ...digits, ...carries], answerRow - 1);
}

interface Rows {
  readonly top: number;
  readonly answerRow: number;
  readonly style: HouseStyle;
}

function carryBox(x: number, { top, answerRow, style }: Rows) {
  return {
    above: { x: x + 0.2, y: top - 0.7, size: 0.6 },
    below: { x: x + 0.2, y: answerRow + 1.05, size: 0.6 },
    beside: { x: x - 0.05, y: answerRow + 0.02, size: 0.42 }
  }[style.carryPosition];
}
