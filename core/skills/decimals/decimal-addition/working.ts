import type { HouseStyle } from '../../../house-style';
import {
  decimalForm,
  decimalNumber,
  parseDecimal,
  withoutZeros,
  type Decimal
} from '../../../numbers';
import {
  ANSWER,
  carryingFrame,
  constant,
  printedCell,
  squareCell,
  stepOn,
  using,
  type Layout,
  type Step
} from '../../../working';
import { figureSteps } from '../../column-sum/working';
import { alignedColumns, partsOf, placesOf, type Given } from './columns';

/**
 * Zeros in the blank places, then the columns from the last place to the left, then the figures read across with
 * the point straight below the others:
 *
 *   pad.i.p      digit.-2, carry.-1, digit.-1, carry.0, digit.0, ... --> answer
 */
export function decimalSteps(given: Given): Step[] {
  const [columns, places] = [alignedColumns(given), placesOf(given)];
  const figures = figureSteps(columns, 10, -places);
  return [...blanksOf(given).map(padding), ...figures, sumAcross(columns.length - places, places)];
}

/** The places right of the point where a number has no digit. */
function blanksOf(given: Given): { number: number; place: number }[] {
  const places = placesOf(given);
  return given.addends.flatMap((numeral, number) => {
    const own = partsOf(numeral).decimals.length;
    return Array.from({ length: places - own }, (_, at) => ({ number, place: -own - 1 - at }));
  });
}

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth'];

function padding({ number, place }: { number: number; place: number }): Step {
  const id = `pad.${number}.${place}`;
  return stepOn(id, constant(0n), {
    kind: 'pad',
    place,
    silentAt: 0n,
    modelled: true,
    label: ({ place: name }) => `Zero in the ${name(place)}, ${ORDINALS[number]} number`,
    says: ({ place: name }) => `Put a 0 in the ${name(place)} of the ${ORDINALS[number]} number.`
  });
}

function sumAcross(top: number, places: number): Step {
  const at = Array.from({ length: top + 1 + places }, (_, back) => top - back);
  const across = using(
    at.map((place) => `digit.${place}`),
    (...digits) => {
      const whole = digits.slice(0, top + 1).join('');
      return withoutZeros(parseDecimal(`${whole}.${digits.slice(top + 1).join('')}`)!);
    }
  );
  return stepOn(ANSWER, across, {
    reading: decimalNumber,
    form: decimalForm,
    assembled: true,
    label: 'Answer',
    says: ({ value }) => `The point stands below the others: the sum is ${value}.`
  });
}

/** The sum in units of its last place. */
export function unitsOf({ addends }: Given, places: number): bigint {
  return addends.reduce((sum, numeral) => {
    const { units, places: own } = parseDecimal(numeral) as Decimal;
    return sum + units * 10n ** BigInt(places - own);
  }, 0n);
}

/** The numbers with their points in line, the point in a column of its own, and a column to spare on the left. */
export function decimalSheet(given: Given, style: HouseStyle): Layout {
  const { addends } = given;
  const places = placesOf(given);
  const wholes = Math.max(...addends.map((numeral) => partsOf(numeral).whole.length));
  const frame = carryingFrame(wholes + 1, addends.length, style, '+', places);
  const { x, top, answerRow, layout, carry } = frame;
  const mark = style.decimalMark === 'comma' ? ',' : '.';
  const point = (y: number) => printedCell('sign', mark, { x: x(0) + 1, y });
  const numbers = addends.flatMap((numeral, row) => {
    const { whole, decimals } = partsOf(numeral);
    const figure = (text: string, place: number) =>
      printedCell('given', text, { x: x(place), y: top + row });
    return [
      ...[...whole].map((digit, at) => figure(digit, whole.length - 1 - at)),
      ...[...decimals].map((digit, at) => figure(digit, -1 - at)),
      point(top + row)
    ];
  });
  const zeros = style.blankPlaces === 'filled' ? blanksOf(given) : [];
  return layout(
    [
      ...numbers,
      ...zeros.map(({ number, place }) =>
        squareCell(`pad.${number}.${place}`, { x: x(place), y: top + number })
      ),
      point(answerRow),
      ...frame.places.map((place) => squareCell(`digit.${place}`, { x: x(place), y: answerRow })),
      ...frame.places.slice(1).map(carry)
    ],
    answerRow - 1
  );
}
