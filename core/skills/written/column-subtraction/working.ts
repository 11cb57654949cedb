import type { HouseStyle } from '../../../house-style';
import { fromDigits, toDigits } from '../../../numbers';
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
import type { Columns } from './operands';

export type School = 'decomposition' | 'equal-additions';

/**
 * The working in the order in which it is done. Decomposition rewrites the minuend:
 *
 *   rewritten.0 --> digit.0     rewritten.0 --> rewritten.1 --> digit.1 ...   (all digits) --> answer
 *
 * Equal additions raises a digit above and increases the next one below:
 *
 *   raised.0 --> digit.0        raised.0 --> increased.1 --> raised.1 ...
 */
export function subtractionGraph(columns: Columns, school: School, base = 10): Graph {
  const difference = toDigits(
    fromDigits(columns.top, base) - fromDigits(columns.bottom, base),
    base
  );
  const n = columns.top.length;
  const steps = columns.top.flatMap((_, p) => {
    const isLeading = p >= difference.length;
    const own =
      school === 'decomposition' ? [rewritten(columns, p, base)] : equalSteps(columns, p, base);
    return [...own, digit(columns, p, school, isLeading)];
  });
  return { steps: [...steps, answerAcross(n - 1, base)] };
}

/** What finally stands above a column: less one if the column to its right took a ten, plus ten if it takes one. */
function rewritten({ top, bottom }: Columns, p: number, base: number): Step {
  const rule: Rule = (get) => {
    const taken = tookTen(get, 'rewritten', top, p - 1);
    return map(taken, (one) => {
      const stands = BigInt(top[p]!) - one;
      const needs = stands < BigInt(bottom[p]!) && p < top.length - 1;
      return needs ? stands + BigInt(base) : stands;
    });
  };
  return markStep('rewritten', p, p === 0 ? [] : [`rewritten.${p - 1}`], rule, BigInt(top[p]!));
}

function equalSteps({ top, bottom }: Columns, p: number, base: number): Step[] {
  const increased: Rule = (get) =>
    map(tookTen(get, 'raised', top, p - 1), (one) => BigInt(bottom[p]!) + one);
  const raised: Rule = (get) =>
    map(p === 0 ? BigInt(bottom[0]!) : whole(get(`increased.${p}`)), (below) => {
      const needs = BigInt(top[p]!) < below && p < top.length - 1;
      return BigInt(top[p]!) + (needs ? BigInt(base) : 0n);
    });
  const raise = markStep('raised', p, p === 0 ? [] : [`increased.${p}`], raised, BigInt(top[p]!));
  if (p === 0) return [raise];
  return [markStep('increased', p, [`raised.${p - 1}`], increased, BigInt(bottom[p]!)), raise];
}

/** 1 if a column has taken a ten: more stands above it than is printed. */
export function tookTen(
  get: Get,
  kind: string,
  top: readonly number[],
  p: number
): bigint | undefined {
  if (p < 0) return 0n;
  return map(whole(get(`${kind}.${p}`)), (value) => (value > BigInt(top[p]!) ? 1n : 0n));
}

/** What is subtracted and from what, in a column. */
export function partsOf({ bottom }: Columns, p: number, school: School) {
  const above = school === 'decomposition' ? `rewritten.${p}` : `raised.${p}`;
  const below = school === 'decomposition' || p === 0 ? undefined : `increased.${p}`;
  return {
    uses: below ? [above, below] : [above],
    above: (get: Get) => whole(get(above)),
    below: (get: Get) => (below ? whole(get(below)) : BigInt(bottom[p]!))
  };
}

function digit(columns: Columns, p: number, school: School, isLeading: boolean): Step {
  const { uses, above, below } = partsOf(columns, p, school);
  const rule: Rule = (get) => {
    const difference = map(above(get), (value) => map(below(get), (less) => value - less));
    return difference === undefined || difference < 0n ? undefined : difference;
  };
  const step: Step = {
    id: `digit.${p}`,
    kind: 'digit',
    place: p,
    uses,
    rule,
    reading: wholeNumber
  };
  return isLeading ? { ...step, leftOut: 0n, silentAt: 0n } : step;
}

function markStep(kind: string, place: number, uses: string[], rule: Rule, printed: bigint): Step {
  const id = `${kind}.${place}`;
  return { id, kind, place, uses, rule, reading: wholeNumber, leftOut: printed, silentAt: printed };
}

/** Minuend over subtrahend, with room above each digit for what it becomes. */
export function subtractionLayout(
  minuend: string,
  subtrahend: string,
  school: School,
  style: HouseStyle
): Layout {
  const n = minuend.length;
  const isEqual = school === 'equal-additions';
  const frame = columnFrame(n, { before: 1, numbers: isEqual ? 3 : 2, after: 0 }, style, '−');
  const places = [...minuend].map((_, place) => place);
  const kind = isEqual ? 'raised' : 'rewritten';
  const bottomRow = frame.top + 1;
  const marks = places.map((place) =>
    squareCell(
      `${kind}.${place}`,
      { x: frame.x(place) + 0.1, y: frame.top - 0.85, size: 0.8 },
      'carry'
    )
  );
  const increased = isEqual
    ? places
        .slice(1)
        .map((place) =>
          squareCell(
            `increased.${place}`,
            { x: frame.x(place) + 0.15, y: bottomRow + 1.1, size: 0.7 },
            'carry'
          )
        )
    : [];
  return frame.layout([
    ...printedDigits(minuend, frame.x, frame.top, kind),
    ...printedDigits(subtrahend, frame.x, bottomRow, isEqual ? 'increased' : undefined),
    ...marks,
    ...increased,
    ...places.map((place) =>
      squareCell(`digit.${place}`, { x: frame.x(place), y: frame.answerRow })
    )
  ]);
}
