import { parseDecimal, type Decimal } from '../../../numbers';
import { ANSWER, constant, rulesOf, type Replacements } from '../../../working';
import { carriesDropped, totalsWritten } from '../../column-sum/errors';
import { figureSteps } from '../../column-sum/working';
import { pattern } from '../../define';
import { hasPoint } from '../../given/decimals';
import { alignedColumns, partsOf, placesOf, rightAlignedColumns, type Given } from './columns';
import { unitsOf } from './working';

const CARRYING = { carries: { min: 1 } };
const RAGGED = { raggedness: { min: 1 } };

/** Ways of going wrong with sums of decimals; the examples of the catalogue are tested beside it. */
export const errorPatterns = {
  'carry-dropped': pattern(
    'Carry dropped',
    'Every carry is ignored; the leftmost total is written whole.',
    (given: Given) => carriesDropped(alignedColumns(given), -placesOf(given)),
    CARRYING
  ),
  'total-written-whole': pattern(
    'Total written whole',
    'Each column’s own total is written whole and nothing is carried.',
    (given: Given) => totalsWritten(alignedColumns(given), -placesOf(given)),
    CARRYING
  ),
  'right-aligned': pattern(
    'Right aligned',
    'The last figures are lined up, and the sum has as many places as the longest number.',
    (given: Given) => rulesOf(figureSteps(rightAlignedColumns(given), 10, -placesOf(given))),
    RAGGED
  ),
  'point-splits-number': pattern(
    'Point splits the number',
    'The whole parts are added, and the decimal parts as if they were whole numbers.',
    answering(({ addends }) => {
      const parts = addends.map(partsOf);
      const sum = (numerals: readonly string[]) =>
        numerals.reduce((total, numeral) => total + BigInt(numeral || '0'), 0n);
      const decimals = sum(parts.map((part) => part.decimals));
      return parseDecimal(`${sum(parts.map(({ whole }) => whole))}.${decimals}`);
    }),
    CARRYING
  ),
  'point-dropped': pattern(
    'Point dropped',
    'The figures of the sum are right, and the point is not written.',
    answering((given) => ({ units: unitsOf(given, placesOf(given)), places: 0 }))
  ),
  'integer-as-decimal': pattern(
    'Whole number as decimal',
    'A whole number is read as if a point stood before it: 35 as 0.35.',
    answering(({ addends }) => {
      const isLong = addends.some((numeral) => !hasPoint(numeral) && numeral.length > 2);
      if (isLong) return undefined;
      const read = addends.map((numeral) => (hasPoint(numeral) ? numeral : `0.${numeral}`));
      const places = placesOf({ addends: read });
      return { units: unitsOf({ addends: read }, places), places };
    }),
    { integers: { min: 1 }, wholeDigits: { max: 2 } }
  )
};

function answering(answer: (given: Given) => Decimal | undefined) {
  return (given: Given): Replacements | undefined => {
    const value = answer(given);
    return value && { [ANSWER]: constant(value) };
  };
}
