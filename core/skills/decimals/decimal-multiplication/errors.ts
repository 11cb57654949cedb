import { parseDecimal, type Value } from '../../../numbers';
import { ANSWER, usingValues, type Replacements } from '../../../working';
import type { Controls } from '../../../skill/controls';
import { answering } from '../../../methods/columns/decimal/answer';
import { decimalsIn, hasPoint, partsOf } from '../../../numbers/decimal-numerals';
import { pattern } from '../../../skill/define';
import type { Given } from '../../../methods/products/factors';
import { oneRowPatterns } from '../../../methods/products/one-row-errors';
import { rowPatterns } from '../../../methods/products/row-errors';
import type { ErrorPattern } from '../../../skill/skill';
import { figures } from './numbers';
import { isOneRow, pointed } from './working';

const PLACES = ['places'];
const BOTH = { multiplicandPlaces: { min: 1 }, multiplierPlaces: { min: 1 } };

/** Ways of going wrong with products of decimals: those of the point, and those of the digits. */
export const errorPatterns = {
  'places-as-in-addition': pattern(
    'Places as in addition',
    'The product gets as many places as the factor with most.',
    ({ multiplicand, multiplier }: Given) => {
      const most = Math.max(decimalsIn(multiplicand), decimalsIn(multiplier));
      return fromProduct((product) => pointed(product, BigInt(most)));
    },
    BOTH,
    PLACES
  ),
  'places-counted-from-left': pattern(
    'Places counted from the left',
    'The places are counted off from the left of the product.',
    ({ multiplicand, multiplier }: Given) => {
      const places = decimalsIn(multiplicand) + decimalsIn(multiplier);
      return fromProduct((product) => {
        const behind = String(product).length - places;
        return behind < 0 ? undefined : pointed(product, BigInt(behind));
      });
    },
    {},
    PLACES
  ),
  'point-dropped': pattern(
    'Point dropped',
    'The digits are right, and the point is not written.',
    () => fromProduct((product) => pointed(product, 0n))
  ),
  'zeros-dropped-before-counting': pattern(
    'Zeros dropped before counting',
    'Zeros at the end are dropped first, and then the places are counted.',
    ({ multiplicand, multiplier }: Given) => {
      const places = decimalsIn(multiplicand) + decimalsIn(multiplier);
      return fromProduct((product) =>
        pointed(BigInt(String(product).replace(/(?<=\d)0+$/, '')), BigInt(places))
      );
    },
    { trailingZeros: { min: 1 } },
    PLACES
  ),
  'parts-multiplied-apart': pattern(
    'Parts multiplied apart',
    'Whole part by whole part, and decimal part by decimal part.',
    answering(({ multiplicand, multiplier }: Given) => {
      const [one, other] = [partsOf(multiplicand), partsOf(multiplier)];
      const areAbove = [multiplicand, multiplier].every(
        (numeral) => hasPoint(numeral) && !numeral.startsWith('0')
      );
      if (!areAbove) return undefined;
      const decimals = BigInt(one.decimals) * BigInt(other.decimals);
      return parseDecimal(`${BigInt(one.whole) * BigInt(other.whole)}.${decimals}`);
    }),
    { ...BOTH, multiplierBelowOne: false }
  ),
  ...ofDigits({
    'placeholder-missing': { multiplierDigits: { min: 2 } },
    'carry-dropped': { carries: { min: 1 } },
    'carry-added-before-multiplying': { carries: { min: 1 } },
    'old-carries-reused': { multiplierDigits: { min: 2 }, carries: { min: 1 } },
    'digit-by-digit-only': { digits: 2, multiplierDigits: 2 },
    'zero-times-n-is-n': { digits: { min: 3 } },
    'rows-not-added': { multiplierDigits: { min: 2 } },
    'row-omitted': { multiplierDigits: { min: 2 } },
    'total-written-whole': { multiplierDigits: 1, carries: { min: 1 } },
    'only-ones-multiplied': { multiplierDigits: 1, digits: { min: 2 } },
    'carry-and-digit-swapped': { multiplierDigits: 1, carries: { min: 1 } }
  })
};

/** Another answer from the product of the digits. */
function fromProduct(answer: (product: bigint) => Value | undefined): Replacements {
  return { [ANSWER]: usingValues<[bigint]>(['product'], answer) };
}

type Patterns = Readonly<Record<string, Omit<ErrorPattern<Given>, 'id'>>>;

/** Patterns of whole numbers, in one row or in several, as far as the item is worked so. */
function ofDigits<Id extends string>(shownBy: Readonly<Record<Id, Controls>>) {
  const [several, one]: Patterns[] = [rowPatterns, oneRowPatterns];
  const entries = Object.entries<Controls>(shownBy).map(([id, controls]) => {
    const { title, reading } = (several![id] ?? one![id])!;
    const instead: ErrorPattern<Given>['instead'] = (given, graph, school) =>
      (isOneRow(given) ? one! : several!)[id]?.instead(figures(given), graph, school);
    return [id, pattern(title, reading, instead, controls)] as const;
  });
  return Object.fromEntries(entries) as Record<Id, Omit<ErrorPattern<Given>, 'id'>>;
}
