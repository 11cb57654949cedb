import type { HouseStyle } from '../../../house-style';
import { constant, printedCell, squareCell, stepOn, type Cell, type Step } from '../../../working';
import { decimalsIn, partsOf, placesOf } from '../../../numbers/decimal-numerals';

/** The places right of the point where a number has no digit. */
function blanksOf(numerals: readonly string[]): { number: number; place: number }[] {
  const places = placesOf(numerals);
  return numerals.flatMap((numeral, number) => {
    const own = decimalsIn(numeral);
    return Array.from({ length: places - own }, (_, at) => ({ number, place: -own - 1 - at }));
  });
}

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth'];

/** The zeros put in the blank places: `pad.i.p` for number i at place p. They are silent, and shown the way. */
export function padding(numerals: readonly string[]): Step[] {
  return blanksOf(numerals).map(({ number, place }) =>
    stepOn(`pad.${number}.${place}`, constant(0n), {
      kind: 'pad',
      place,
      silentAt: 0n,
      modelled: true,
      label: ({ place: name }) => `Zero in the ${name(place)}, ${ORDINALS[number]} number`,
      says: ({ place: name }) => `Put a 0 in the ${name(place)} of the ${ORDINALS[number]} number.`
    })
  );
}

interface Frame {
  readonly x: (place: number) => number;
  readonly top: number;
  readonly answerRow: number;
  readonly places: readonly number[];
}

/**
 * Decimals under each other, the points in a column of their own down to the answer, with squares for its figures
 * and, where the house fills them, for the zeros in blank places. Digits are struck by steps of a kind.
 */
export function decimalRows(
  numerals: readonly string[],
  { x, top, answerRow, places }: Frame,
  style: HouseStyle,
  struckBy: readonly (string | undefined)[] = []
): Cell[] {
  const mark = style.decimalMark === 'comma' ? ',' : '.';
  const point = (y: number) => printedCell('sign', mark, { x: x(0) + 1, y });
  const strikingAt = (row: number, place: number) =>
    struckBy[row] ? { struckBy: `${struckBy[row]}.${place}` } : {};
  const numbers = numerals.flatMap((numeral, row) => {
    const { whole, decimals } = partsOf(numeral);
    const figure = (text: string, place: number) => ({
      ...printedCell('given', text, { x: x(place), y: top + row }),
      ...strikingAt(row, place)
    });
    return [
      ...[...whole].map((digit, at) => figure(digit, whole.length - 1 - at)),
      ...[...decimals].map((digit, at) => figure(digit, -1 - at)),
      point(top + row)
    ];
  });
  const zeros = style.blankPlaces === 'filled' ? blanksOf(numerals) : [];
  return [
    ...numbers,
    ...zeros.map(({ number, place }) => ({
      ...squareCell(`pad.${number}.${place}`, { x: x(place), y: top + number }),
      ...strikingAt(number, place)
    })),
    point(answerRow),
    ...places.map((place) => squareCell(`digit.${place}`, { x: x(place), y: answerRow }))
  ];
}
