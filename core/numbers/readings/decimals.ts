import { compareDecimals, parseDecimal, printDecimal, unitsTo, type Decimal } from '../decimal';
import { improperNumerator, readMixed } from '../mixed';
import { unspaced } from '../numeral';
import type { FormCode, Reading, Value } from '../reading';

/** Decimals, equal when they have the same value. */
export const decimalNumber: Reading<Decimal> = {
  kind: 'decimal',
  // `.406` and `5.` are ways of writing it, though no item is given so.
  parse: (written) =>
    parseDecimal(
      withPoint(written)
        .replace(/^\.(?=\d)/, '0.')
        .replace(/(?<=\d)\.$/, '')
    ),
  equal: (one, other) => compareDecimals(one, other) === 0,
  print: printDecimal,
  near: ({ units, places }) => [
    { units: units + 1n, places },
    // The point one place too far right, which changes nothing of 0.
    ...(units === 0n ? [] : [{ units: unitsTo({ units, places }, places + 1), places }])
  ],
  size: ({ units, places }) => Number(units) / 10 ** places
};

/** Most places of a decimal that a fraction is read as. */
const FRACTION_PLACES = 12;

/** Decimals that may also be written as a fraction that ends: `1 3/4` for 1.75. One above a whole is only a division. */
export const decimalOrFraction: Reading<Decimal> = {
  ...decimalNumber,
  parse: (written) => decimalNumber.parse(written) ?? fractionAsDecimal(written)
};

/** A decimal, and whether it was written as a fraction. */
interface WrittenDecimal extends Decimal {
  readonly isFraction?: boolean;
}

function fractionAsDecimal(written: string): WrittenDecimal | undefined {
  const mixed = readMixed(written);
  if (!mixed || mixed.numerator >= mixed.denominator) return undefined;
  const { denominator } = mixed;
  for (let places = 0; places <= FRACTION_PLACES; places++) {
    const units = improperNumerator(mixed) * 10n ** BigInt(places);
    if (units % denominator === 0n) {
      return { units: units / denominator, places, isFraction: true };
    }
  }
  return undefined;
}

/** A decimal is usually written as one, without zeros at its end. */
export function decimalForm(written: Value): readonly FormCode[] {
  const { units, places, isFraction } = written as WrittenDecimal;
  if (isFraction) return ['not-decimal'];
  return places > 0 && units % 10n === 0n ? ['trailing-zeros'] : [];
}

/**
 * Lists of decimals, separated by commas, semicolons, spaces or signs of order. A comma is a decimal mark
 * where something else separates the numbers.
 */
export const listOfDecimals: Reading<readonly Decimal[]> = {
  kind: 'list',
  parse: (written) => {
    const numbers = split(written.trim()).map(decimalNumber.parse);
    return numbers.includes(undefined) ? undefined : (numbers as Decimal[]);
  },
  equal: (one, other) =>
    one.length === other.length &&
    one.every((value, at) => compareDecimals(value, other[at]!) === 0),
  print: (numbers) => numbers.map(printDecimal).join(', '),
  near: (numbers) =>
    numbers.slice(1).map((_, at) => {
      const swapped = [...numbers];
      [swapped[at], swapped[at + 1]] = [swapped[at + 1]!, swapped[at]!];
      return swapped;
    })
};

/** Each number is to be written as it was given: without zeros put in to compare. */
export function givenForm(numbers: readonly string[]): (written: Value) => readonly FormCode[] {
  return (written) =>
    (written as readonly Decimal[]).every((value) => numbers.includes(printDecimal(value)))
      ? []
      : ['not-as-given'];
}

function split(list: string): string[] {
  const and = '\\s*,?\\s+and\\s+|\\s*&\\s*';
  if (/[;<>≤≥]/.test(list)) return list.split(new RegExp(`[;<>≤≥]|${and}`, 'i'));
  const isDecimalComma = /\d,\d/.test(list) && !list.includes('.') && /\d\s+(and\s+)?\d/.test(list);
  return list.split(new RegExp(`${and}|${isDecimalComma ? '' : '\\s*,\\s*|'}\\s+`, 'i'));
}

/** With a point for the decimal mark. Of a comma and a point the last is the mark, the other groups in threes. */
function withPoint(written: string): string {
  const text = unspaced(written);
  const [, whole, mark, decimals] = /^(\d{1,3}(?:[.,]\d{3})+)([.,])(\d+)$/.exec(text) ?? [];
  return whole === undefined || whole.includes(mark!)
    ? text.replace(',', '.')
    : `${whole.replace(/\D/g, '')}.${decimals}`;
}

/**
 * How many numbers stand out of order: the length of the right list less the longest part of it that is
 * written in the right order (a longest increasing subsequence). A number left out counts one.
 */
export function misplaced(written: Value, right: Value): number {
  const wanted = right as readonly Decimal[];
  const places = (written as readonly Decimal[]).map((value) =>
    wanted.findIndex((other) => compareDecimals(value, other) === 0)
  );
  // longest[i]: the longest rising run of places that ends with the i-th number written.
  const longest: number[] = [];
  places.forEach((place, at) => {
    const before = longest.filter((_, earlier) => places[earlier]! < place);
    longest[at] = place < 0 ? 0 : 1 + Math.max(0, ...before);
  });
  return wanted.length - Math.max(0, ...longest);
}
