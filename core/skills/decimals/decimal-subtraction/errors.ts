import { withoutZeros, type Decimal } from '../../../numbers';
import { ACROSS, differencePatterns } from '../../../methods/columns/difference/patterns';
import { answering, answeringInSquares } from '../../../methods/columns/decimal/answer';
import {
  decimalsIn,
  hasPoint,
  partsOf,
  placesOf,
  unitsAt
} from '../../../numbers/decimal-numerals';
import { inSettingOut, pattern } from '../../../skill/define';
import { columnsOf, type Given } from './numbers';

const PADDED = { padded: { min: 1 } };

/** Ways of going wrong with differences of decimals: those of whole numbers, and those of the point. */
export const errorPatterns = {
  ...differencePatterns<Given>(columnsOf, ACROSS),
  'blank-brought-down': pattern(
    'Blank brought down',
    'Where the minuend has no digit the subtrahend’s is copied; the rest is right.',
    answeringInSquares(({ minuend, subtrahend }: Given) => {
      const places = placesOf([minuend, subtrahend]);
      const bottom = unitsAt(subtrahend, places);
      const copied = bottom % 10n ** BigInt(places - decimalsIn(minuend));
      return decimal(unitsAt(minuend, places) - (bottom - copied) + copied, places);
    }),
    PADDED
  ),
  'right-aligned': inSettingOut(
    pattern(
      'Right aligned',
      'The last figures are lined up, and the difference has as many places as the longer number.',
      answeringInSquares(({ minuend, subtrahend }: Given) =>
        decimal(figuresOf(minuend) - figuresOf(subtrahend), placesOf([minuend, subtrahend]))
      ),
      PADDED
    )
  ),
  'point-splits-number': inSettingOut(
    pattern(
      'Point splits the number',
      'The whole parts are subtracted, and the decimal parts as if they were whole numbers.',
      answeringInSquares((given: Given) => {
        const [one, other] = [partsOf(given.minuend), partsOf(given.subtrahend)];
        const wholes = BigInt(one.whole) - BigInt(other.whole);
        const tail = BigInt(one.decimals || '0') - BigInt(other.decimals || '0');
        if (wholes < 0n || tail < 0n) return undefined;
        const places = String(tail).length;
        return decimal(wholes * 10n ** BigInt(places) + tail, places);
      }),
      PADDED
    )
  ),
  'integer-as-decimal': inSettingOut(
    pattern(
      'Whole number as decimal',
      'A whole number is read as if a point stood before it: 35 as 0.35.',
      answeringInSquares(({ minuend, subtrahend }: Given) => {
        const numbers = [minuend, subtrahend];
        if (numbers.some((numeral) => !hasPoint(numeral) && numeral.length > 2)) return undefined;
        const read = numbers.map((numeral) => (hasPoint(numeral) ? numeral : `0.${numeral}`));
        const places = placesOf(read);
        return decimal(unitsAt(read[0]!, places) - unitsAt(read[1]!, places), places);
      }),
      { integers: { min: 1 }, wholeDigits: { max: 2 }, wholeMinuend: false }
    )
  ),
  'point-dropped': inSettingOut(
    pattern(
      'Point dropped',
      'The figures of the difference are right, and the point is not written.',
      answering(({ minuend, subtrahend }: Given) => {
        const places = placesOf([minuend, subtrahend]);
        return decimal(unitsAt(minuend, places) - unitsAt(subtrahend, places), 0);
      })
    )
  )
};

/** So many units of 10^-places; no answer below 0. */
function decimal(units: bigint, places: number): Decimal | undefined {
  return units < 0n ? undefined : withoutZeros({ units, places });
}

/** A numeral read without its point. */
const figuresOf = (numeral: string) => BigInt(numeral.replace('.', ''));
