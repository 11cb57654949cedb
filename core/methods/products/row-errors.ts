import { placeName } from '../../house-style';
import { digitAt, fromDigits, toDigits } from '../../numbers';
import {
  capital,
  constant,
  rulesOf,
  using,
  type Replacement,
  type Replacements
} from '../../working';
import { pattern } from '../../skill/define';
import { carriesOf, carryAddedFirst, withMark, zeroTimesN, type RowTotal } from './product-row';
import { factorsOf, type Factors, type Given } from './factors';
import { productRow, rowSquare, rowSteps } from './rows';

type Rules = Record<string, Replacement>;

const CARRYING = { carries: { min: 1 } };

const built = (build: (factors: Factors) => Replacements | undefined) => (given: Given) =>
  build(factorsOf(given));

/** Every row worked by another total. */
const allRows = (total: RowTotal) => (factors: Factors) =>
  rulesOf(factors.multiplier.flatMap((_, row) => rowSteps(factors, row, total)));

/** The error patterns of long multiplication in the order of the catalogue. */
export const rowPatterns = {
  'placeholder-missing': pattern(
    'Placeholder missing',
    (style) => `Every row starts in the ${placeName(0, style)}.`,
    built(placeholderMissing)
  ),
  'carry-dropped': pattern(
    'Carry dropped',
    'The carries of the rows are ignored.',
    built((factors) =>
      byRow(factors, (row) =>
        Object.fromEntries(carriesOf(productRow(factors, row)).map((id) => [id, constant(0n)]))
      )
    ),
    CARRYING
  ),
  'carry-added-before-multiplying': pattern(
    'Carry added before multiplying',
    'The carry is added to the next digit, and the sum is multiplied.',
    built(allRows(carryAddedFirst)),
    CARRYING
  ),
  'old-carries-reused': pattern(
    'Old carries reused',
    'The carries of the first row are added in later rows as well.',
    built(oldCarriesReused),
    CARRYING
  ),
  'digit-by-digit-only': pattern(
    'Digit by digit only',
    (style) =>
      `${capital(placeName(0, style))} are multiplied by ${placeName(0, style)} and tens by tens, and that is all.`,
    built(digitByDigit),
    { digits: 2, multiplierDigits: 2 }
  ),
  'zero-times-n-is-n': pattern(
    'Zero times n is n',
    'A digit times 0 is taken to be the digit.',
    built(allRows(zeroTimesN)),
    { zeros: { min: 1 } }
  ),
  'rows-not-added': pattern(
    'Rows not added',
    'The last row is given as the answer.',
    built((factors) => onlyRow(factors, factors.multiplier.length - 1))
  ),
  'row-omitted': pattern(
    'Row omitted',
    'Only the first row is worked, and given as the answer.',
    // A first row of zeros is not written.
    built((factors) => (factors.multiplier[0] === 0 ? undefined : onlyRow(factors, 0)))
  )
};

function byRow({ multiplier }: Factors, rules: (row: number) => Rules): Rules {
  return Object.assign({}, ...multiplier.map((_, row) => rules(row))) as Rules;
}

/** Rules that write the figures of a number into the squares of a row at these places. */
function figuresOf(row: number, value: bigint, places: readonly number[]): Rules {
  const figures = toDigits(value);
  return Object.fromEntries(
    places.map((place) => [rowSquare(row, place), constant(digitAt(figures, place))])
  );
}

const upTo = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, at) => from + at);

/** The first figures of a row stand where the placeholders should. */
function placeholderMissing(factors: Factors): Rules {
  const { multiplicand, multiplier } = factors;
  return byRow(factors, (row) =>
    row === 0
      ? {}
      : figuresOf(
          row,
          fromDigits(multiplicand) * BigInt(multiplier[row]!),
          upTo(0, row + multiplicand.length)
        )
  );
}

/** The marks of the first row still stand above the multiplicand and are added once more in later rows. */
function oldCarriesReused(factors: Factors): Rules {
  const last = factors.multiplicand.length - 1;
  return byRow(factors, (row) => {
    if (row === 0) return {};
    return Object.fromEntries(
      rowSteps(factors, row).flatMap((step) => {
        const from = step.place! - row - (step.kind === 'carry' ? 1 : 0);
        const column = Math.min(from, last);
        if (step.kind === 'placeholder' || column < 1) return [];
        const carry = `row.${row}.carry.${row + column}`;
        return [[step.id, withMark(step, carry, `row.0.carry.${column}`)]];
      })
    );
  });
}

/** Ones by ones, tens by tens; only numbers of equal length invite it. */
function digitByDigit(factors: Factors): Rules | undefined {
  const { multiplicand, multiplier } = factors;
  if (multiplicand.length !== multiplier.length) return undefined;
  return byRow(factors, (row) =>
    figuresOf(
      row,
      BigInt(multiplicand[row]! * multiplier[row]!) * 100n ** BigInt(row),
      upTo(row, row + multiplicand.length)
    )
  );
}

/** One row stands for the sum. */
function onlyRow({ multiplicand, multiplier }: Factors, row: number): Rules {
  const end = row + multiplicand.length;
  return Object.fromEntries(
    upTo(0, multiplicand.length + multiplier.length - 1).map((place) => {
      const figure = place > end ? constant(0) : using([rowSquare(row, place)], (one) => one);
      return [`sum.digit.${place}`, figure];
    })
  );
}
