import { parseDecimal } from '../../../numbers';
import { rulesOf } from '../../../working';
import { carriesDropped, totalsWritten } from '../../../methods/columns/sum/errors';
import { figureSteps } from '../../../methods/columns/sum/working';
import { inSettingOut, pattern } from '../../../skill/define';
import { answering, answeringInSquares } from '../../../methods/columns/decimal/answer';
import { hasPoint, partsOf, placesOf, unitsAt } from '../../../numbers/decimal-numerals';
import { alignedColumns, rightAlignedColumns, type Given } from './numbers';

const CARRYING = { carries: { min: 1 } };
const RAGGED = { raggedness: { min: 1 } };

/** Ways of going wrong with sums of decimals; the examples of the catalogue are tested beside it. */
export const errorPatterns = {
  'carry-dropped': pattern(
    'Carry dropped',
    'Every carry is ignored; the leftmost total is written whole.',
    (given: Given) => carriesDropped(alignedColumns(given), -placesOf(given.addends)),
    CARRYING
  ),
  'total-written-whole': pattern(
    'Total written whole',
    'Each column’s own total is written whole and nothing is carried.',
    (given: Given) => totalsWritten(alignedColumns(given), -placesOf(given.addends)),
    CARRYING
  ),
  'right-aligned': inSettingOut(
    pattern(
      'Right aligned',
      'The last figures are lined up, and the sum has as many places as the longest number.',
      (given: Given) =>
        rulesOf(figureSteps(rightAlignedColumns(given), 10, -placesOf(given.addends))),
      RAGGED
    )
  ),
  'point-splits-number': inSettingOut(
    pattern(
      'Point splits the number',
      'The whole parts are added, and the decimal parts as if they were whole numbers.',
      answeringInSquares(({ addends }: Given) => {
        const parts = addends.map(partsOf);
        const sum = (numerals: readonly string[]) =>
          numerals.reduce((total, numeral) => total + BigInt(numeral || '0'), 0n);
        const decimals = sum(parts.map((part) => part.decimals));
        return parseDecimal(`${sum(parts.map(({ whole }) => whole))}.${decimals}`);
      }),
      CARRYING
    )
  ),
  'point-dropped': inSettingOut(
    pattern(
      'Point dropped',
      'The figures of the sum are right, and the point is not written.',
      answering(({ addends }: Given) => ({ units: sumOf(addends, placesOf(addends)), places: 0 }))
    )
  ),
  'integer-as-decimal': inSettingOut(
    pattern(
      'Whole number as decimal',
      'A whole number is read as if a point stood before it: 35 as 0.35.',
      answeringInSquares(({ addends }: Given) => {
        const isLong = addends.some((numeral) => !hasPoint(numeral) && numeral.length > 2);
        if (isLong) return undefined;
        const read = addends.map((numeral) => (hasPoint(numeral) ? numeral : `0.${numeral}`));
        const places = placesOf(read);
        return { units: sumOf(read, places), places };
      }),
      { integers: { min: 1 }, wholeDigits: { max: 2 } }
    )
  )
};

/** The sum in units of 10^-places. */
function sumOf(addends: readonly string[], places: number): bigint {
  return addends.reduce((sum, numeral) => sum + unitsAt(numeral, places), 0n);
}
