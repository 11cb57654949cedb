import { placeName } from '../../house-style';
import { constant, rulesOf, type Replacements } from '../../working';
import { pattern } from '../../skill/define';
import { carriesOf, carryAddedFirst, productSteps, zeroTimesN, type RowTotal } from './product-row';
import type { Given } from './factors';
import { productRow } from './one-row';

const CARRYING = { carries: { min: 1 } };

/** Every column worked by another total. */
const worked = (total: RowTotal) => (given: Given) =>
  rulesOf(productSteps(productRow(given), total));

/** Ways of going wrong where a number is multiplied by one digit. */
export const oneRowPatterns = {
  'carry-dropped': pattern(
    'Carry dropped',
    'The carries are ignored; the leading total is written whole.',
    carriesDropped,
    CARRYING
  ),
  'total-written-whole': pattern(
    'Total written whole',
    'Every product is written whole.',
    wholeTotals,
    CARRYING
  ),
  'carry-added-before-multiplying': pattern(
    'Carry added before multiplying',
    'The carry is added to the next digit, and the sum is multiplied.',
    worked(carryAddedFirst),
    CARRYING
  ),
  'zero-times-n-is-n': pattern(
    'Zero times n is n',
    'A digit times 0 is taken to be the digit.',
    worked(zeroTimesN),
    { zeros: { min: 1 } }
  ),
  'only-ones-multiplied': pattern(
    (style) => `Only the ${placeName(0, style)} multiplied`,
    'The other digits are copied, and carries added to them.',
    worked((digit, m, carry, column) => (column === 0 ? digit * m : digit + carry))
  ),
  'carry-and-digit-swapped': pattern(
    'Carry and digit swapped',
    (style) =>
      `Of a product of two digits the tens are written and the ${placeName(0, style)} carried.`,
    swapped,
    CARRYING
  )
};

function carriesDropped(given: Given): Replacements {
  return Object.fromEntries(carriesOf(productRow(given)).map((id) => [id, constant(0n)]));
}

function wholeTotals(given: Given): Replacements {
  const { multiplicand, m } = productRow(given);
  const products = multiplicand.map((digit, place) => [`digit.${place}`, constant(digit * m)]);
  return { ...carriesDropped(given), ...Object.fromEntries(products) };
}

/** A total of two digits is read the other way round, but for the leading one. */
function swapped(given: Given): Replacements {
  const last = given.multiplicand.length - 1;
  const total: RowTotal = (digit, m, carry, column) => {
    const sum = digit * m + carry;
    return column === last || sum < 10n ? sum : (sum % 10n) * 10n + sum / 10n;
  };
  return worked(total)(given);
}
