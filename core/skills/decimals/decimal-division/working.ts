import type { HouseStyle } from '../../../house-style';
import {
  acrossFigures,
  decimalNumber,
  toDigits,
  withoutZeros,
  type Decimal,
  type Value
} from '../../../numbers';
import {
  ANSWER,
  constant,
  corner,
  divisionLines,
  printedCell,
  squareCell,
  stepOn,
  type Cell,
  type DivisionFrame,
  type Get,
  type Layout,
  type Step
} from '../../../working';
import { decimalAnswer } from '../../../methods/columns/decimal/answer';
import { columnFigures, columnRows } from '../../../methods/division/columns';
import type { Given } from '../../../methods/division/look';
import { placesFrom, type Dividing } from '../../../methods/division/partials';
import { shortFigures } from '../../../methods/division/short';
import { moved, type Moved } from './numbers';

const DIVIDEND = 'shifted.dividend';
const DIVISOR = 'shifted.divisor';

/** Divisors to which the tables go are divided by in one line (common practice). */
const isShort = ({ divisor }: Moved) => divisor <= 12n;

/**
 * Both points moved until the divisor is whole, further zeros put on, then the figures from the left, and the
 * quotient read across with the point straight above that of the dividend:
 *
 *   shifted.dividend, shifted.divisor     zero.p     quotient.1, carried.0, quotient.0, ... --> answer
 */
export function decimalSteps(given: Given): Step[] {
  const item = moved(given)!;
  const division = dividing(item);
  const figures = isShort(item) ? shortFigures(division) : columnFigures(division);
  return [...shifted(given, item), ...zerosPutOn(item), ...figures, quotient(division, item)];
}

/** The division by a whole number that is worked, with all its zeros. */
function dividing({ divisor, units, places, extraZeros, ...found }: Moved): Dividing {
  const decimals = places + extraZeros;
  const digits = figuresTo(units * 10n ** BigInt(extraZeros), decimals);
  const highest = String(found.quotient).length - 1 - decimals;
  return { digits, lowest: -decimals, divisor, top: Math.max(0, highest), remainder: 0n };
}

/** The figures of so many units of 10^-places, the last first; a zero stands before the point. */
function figuresTo(units: bigint, places: number): number[] {
  const digits = toDigits(units);
  while (digits.length < places + 1) digits.push(0);
  return digits;
}

/** Both numbers with their points moved; nothing is written where nothing moves. */
function shifted({ dividend, divisor }: Given, item: Moved): Step[] {
  const right = [
    { units: item.units, places: item.places },
    { units: item.divisor, places: 0 }
  ] as const;
  const places = item.shift === 1 ? '1 place' : `${item.shift} places`;
  // Both points may be moved further: 84 / 6 as 840 / 60.
  const further = (written: Value | undefined) => {
    const by = movedBy(written as Decimal | undefined, right[0]);
    return by !== undefined && by >= 0 ? by : undefined;
  };
  const rules = {
    [DIVIDEND]: constant(right[0]),
    [DIVISOR]: {
      uses: [DIVIDEND],
      rule: (get: Get) => tenfold(right[1], further(get(DIVIDEND)) ?? 0)
    }
  };
  const number = (id: keyof typeof rules, was: string, value: Decimal, label: string) =>
    stepOn(id, rules[id], {
      ...(id === DIVIDEND && { accepts: (written: Value) => further(written) !== undefined }),
      kind: 'shifted',
      reading: decimalNumber,
      ...(item.shift === 0 && { silentAt: value }),
      label,
      says: ({ value: now, write }) => `Move the point ${places}: ${write(was)} becomes ${now}.`
    });
  return [
    number(DIVIDEND, dividend, right[0], 'Dividend, point moved'),
    number(DIVISOR, divisor, right[1], 'Divisor, point moved')
  ];
}

function zerosPutOn({ places, extraZeros }: Moved): Step[] {
  return Array.from({ length: extraZeros }, (_, at) => {
    const place = -places - 1 - at;
    return stepOn(`zero.${place}`, constant(0n), {
      silentAt: 0n,
      modelled: true,
      label: ({ place: name }) => `Zero put on in the ${name(place)}`,
      says: ({ place: name }) => `Put a 0 on in the ${name(place)}.`
    });
  });
}

/** The figures read across. A point that was moved otherwise stands where it leads to. */
function quotient(division: Dividing, item: Moved): Step {
  const figures = placesFrom(division).map((place) => `quotient.${place}`);
  const right = [
    { units: item.units, places: item.places },
    { units: item.divisor, places: 0 }
  ];
  return stepOn(
    ANSWER,
    {
      uses: [...figures, DIVIDEND, DIVISOR],
      rule(get) {
        const units = acrossFigures(figures.map(get));
        if (units === undefined) return undefined;
        const across = { units, places: -division.lowest };
        const [dividend, divisor] = [DIVIDEND, DIVISOR].map((id, at) =>
          movedBy(get(id) as Decimal | undefined, right[at]!)
        );
        if (dividend === undefined || divisor === undefined) return undefined;
        return withoutZeros(tenfold(across, dividend - divisor));
      }
    },
    {
      ...decimalAnswer,
      assembled: true,
      says: ({ value }) => `The point stands above that of the dividend: the quotient is ${value}.`
    }
  );
}

/** How many places further left than it should be a number is read: the power of ten between two; undefined if none. */
function movedBy(written: Decimal | undefined, right: Decimal): number | undefined {
  if (!written) return undefined;
  const figures = ({ units }: Decimal) => String(units).replace(/0+$/, '');
  if (figures(written) !== figures(right)) return undefined;
  const highest = ({ units, places }: Decimal) => String(units).length - places;
  return highest(written) - highest(right);
}

/** A decimal times a power of ten. */
function tenfold({ units, places }: Decimal, power: number): Decimal {
  const moved = places - power;
  return moved >= 0
    ? { units, places: moved }
    : { units: units * 10n ** BigInt(-moved), places: 0 };
}

/**
 * The division with the points of dividend and quotient where they stand, squares for the zeros that are put on
 * and, where the points move, for both numbers as they become.
 */
export function decimalSheet(given: Given, style: HouseStyle): Layout {
  const item = moved(given)!;
  const division = dividing(item);
  const decimals = -division.lowest;
  const top = division.digits.length - decimals - 1;
  const isLong = !isShort(item);
  const frame = divisionLines(
    {
      divisor: String(item.divisor).length,
      wholes: top + 1,
      decimals,
      isRight: isLong && style.longDivision === 'right',
      top
    },
    style
  );
  const { x, row, places, layout } = frame;
  // Where the dividend has a point after it was moved, that is written with it.
  const isPrinted = item.shift === 0 || item.places === 0;
  const cells = [
    ...(item.shift > 0 ? movedNumbers(item, frame) : printedNumbers(item, frame)),
    ...(decimals > 0 ? [frame.point, ...(isPrinted ? [{ x: x(0) + 1, y: row }] : [])] : []).map(
      (place) => printedCell('sign', style.decimalMark === 'comma' ? ',' : '.', place)
    ),
    ...zerosPutOn(item).map(({ id, place }) => squareCell(id, { x: x(place!), y: row })),
    ...places.map((place) => squareCell(`quotient.${place}`, frame.quotient(place)))
  ];
  if (isLong) {
    const working = columnRows(division, frame);
    return layout(working.end + 1, [...cells, ...working.cells], working.rules);
  }
  const carried = places.slice(1).map((place) => corner(`carried.${place}`, x(place), row, style));
  return layout(row + 2, [...cells, ...carried]);
}

/** Squares for both numbers with their points moved, a figure or a point in each. */
function movedNumbers(item: Moved, { x, row, places, divisor }: DivisionFrame): Cell[] {
  const first = x(places[0]!);
  return [
    squareCell(DIVISOR, { ...divisor, width: String(item.divisor).length, isSpaced: true }),
    squareCell(DIVIDEND, { x: first, y: row, width: x(-item.places) - first + 1, isSpaced: true })
  ];
}

/** Both numbers as they are given, the points in their column. */
function printedNumbers(item: Moved, { x, row, divisor }: DivisionFrame): Cell[] {
  return [
    ...[...String(item.divisor)].map((digit, at) =>
      printedCell('given', digit, { x: divisor.x + at, y: divisor.y })
    ),
    ...figuresTo(item.units, item.places).map((digit, at) =>
      printedCell('given', String(digit), { x: x(at - item.places), y: row })
    )
  ];
}
