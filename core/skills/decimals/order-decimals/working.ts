import {
  compareDecimals,
  decimalNumber,
  givenForm,
  listOfDecimals,
  misplaced,
  parseDecimal,
  unitsTo,
  type Decimal
} from '../../../numbers';
import type { HouseStyle } from '../../../house-style';
import {
  ANSWER,
  printedCell,
  squareCell,
  stepOn,
  usingAny,
  usingValues,
  type Cell,
  type Layout,
  type Step
} from '../../../working';
import { partsOf, type Given } from './numbers';

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

/**
 * Each number is padded to the same places, so that all can be compared as whole numbers of the smallest
 * place; then each gets its rank in the order asked for:
 *
 *   padded.0, padded.1, ... --> rank.0, rank.1, ... --> answer
 */
export function orderSteps({ numbers, order }: Given): Step[] {
  const decimals = numbers.map((number) => parseDecimal(number)!);
  const places = Math.max(...decimals.map((decimal) => decimal.places));
  const direction = order === 'ascending' ? 1 : -1;
  const which = order === 'ascending' ? 'smallest' : 'largest';
  const padding = decimals.map((decimal, at) => {
    const value: Decimal = { units: unitsTo(decimal, places), places };
    return stepOn(
      `padded.${at}`,
      usingValues([], () => value),
      {
        reading: decimalNumber,
        silentAt: value,
        modelled: true,
        label: `Padded ${ORDINALS[at]} number`,
        says: ({ value: text, write }) =>
          decimal.places === places
            ? `${text} stays as it is.`
            : `${write(numbers[at])} is ${text}.`
      }
    );
  });
  const ranks = numbers.map((number, at) => {
    const rank = usingValues<Decimal[]>(
      padding.map(({ id }) => id),
      (...values) => rankAmong(at, values, (a, b) => direction * compareDecimals(a, b))
    );
    return stepOn(`rank.${at}`, rank, {
      label: `Rank of the ${ORDINALS[at]} number`,
      says({ value, write }) {
        const place = value === '1' ? '' : `${ORDINALS[Number(value) - 1]} `;
        return `${write(number)} is the ${place}${which}: ${value}.`;
      }
    });
  });
  const inOrder = usingAny<(bigint | undefined)[]>(
    ranks.map(({ id }) => id),
    (...values) => byRank(decimals, values)
  );
  const answer = stepOn(ANSWER, inOrder, {
    reading: listOfDecimals,
    assembled: true,
    form: givenForm(numbers),
    slips: misplaced,
    label: 'Order',
    says: ({ value }) => `In order: ${value}.`
  });
  return [...padding, ...ranks, answer];
}

/** One more than the values that come before it; undefined where another stands in the same place. */
export function rankAmong<T>(
  at: number,
  values: readonly T[],
  compare: (one: T, other: T) => number
): bigint | undefined {
  const signs = values.map((value) => compare(value, values[at]!));
  if (signs.filter((sign) => sign === 0).length > 1) return undefined;
  return BigInt(1 + signs.filter((sign) => sign < 0).length);
}

/** The numbers in the order of their ranks; undefined unless the ranks are 1 to n, each once. */
function byRank(
  numbers: readonly Decimal[],
  ranks: readonly (bigint | undefined)[]
): Decimal[] | undefined {
  const ordered = numbers.map((_, place) => numbers[ranks.indexOf(BigInt(place + 1))]);
  return ordered.includes(undefined) ? undefined : (ordered as Decimal[]);
}

/** The numbers under each other with their points in line, each with room to pad it and to rank it; then the list. */
export function orderSheet({ numbers }: Given, { decimalMark }: HouseStyle): Layout {
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
    const given = (text: string, x: number) => printedCell('given', text, { x, y });
    const digits = [...String(whole)].reverse();
    return [
      ...digits.map((digit, place) => given(digit, wholes - 1 - place)),
      ...(decimals ? [given(mark, wholes - 0.5)] : []),
      ...[...decimals].map((digit, place) => given(digit, wholes + place)),
      squareCell(`padded.${at}`, { x: paddedAt, y, width: paddedWidth }, 'carry'),
      squareCell(`rank.${at}`, { x: rankAt, y })
    ];
  });
  const heading = (text: string, x: number, wide: number) =>
    printedCell('heading', text, { x, y: 0, width: wide });
  return {
    width,
    height: bottom + 1,
    cells: [
      heading('padded', paddedAt, paddedWidth),
      heading('rank', rankAt, 1),
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
