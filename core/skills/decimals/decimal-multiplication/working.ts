import type { HouseStyle } from '../../../house-style';
import {
  decimalNumber,
  printDecimal,
  withoutZeros,
  type Decimal,
  type Value
} from '../../../numbers';
import {
  ANSWER,
  step,
  stepOn,
  usingValues,
  withLines,
  type Layout,
  type Piece,
  type Step,
  type Symmetry
} from '../../../working';
import { decimalAnswer } from '../../../methods/columns/decimal/answer';
import { decimalsIn } from '../../../numbers/decimal-numerals';
import { factorsOf, printedFactors, type Given } from '../../../methods/products/factors';
import { shortSheet, shortSteps } from '../../../methods/products/one-row';
import {
  multiplicationSheet,
  multiplicationSteps,
  rowOrders
} from '../../../methods/products/rows';
import { estimates, fitted } from './estimate';
import { figures } from './numbers';

export type School = 'places' | 'estimate';

const PRODUCT = 'product';

/** Whether the digits are multiplied in one row, as the multiplier has one. */
export const isOneRow = (given: Given) => figures(given).multiplier.length === 1;

/**
 * The digits multiplied as whole numbers, then the point: by the places of both factors, or where an estimate,
 * made first, says that it must be:
 *
 *   digit.0, carry.1, ... --> product --> places --> answer        estimate, digit.0, ... --> product --> answer
 */
export function decimalSteps(
  given: Given,
  school: School
): { steps: Step[]; symmetries: Symmetry[] } {
  const isShort = isOneRow(given);
  const whole = figures(given);
  const multiplied = isShort
    ? shortSteps(whole, PRODUCT)
    : multiplicationSteps(factorsOf(whole), PRODUCT);
  const steps =
    school === 'places'
      ? [...multiplied, placesOf(given), counted()]
      : [estimateOf(given), ...multiplied, estimated()];
  return { steps, symmetries: isShort ? [] : rowOrders(factorsOf(whole)) };
}

function placesOf({ multiplicand, multiplier }: Given): Step {
  const [one, other] = [decimalsIn(multiplicand), decimalsIn(multiplier)];
  return step('places', [], () => BigInt(one + other), {
    label: 'Decimal places',
    says: ({ value }) => `The factors have ${one} and ${other} decimal places: ${value} in all.`
  });
}

function counted(): Step {
  const answer = usingValues<[bigint, bigint]>([PRODUCT, 'places'], pointed);
  return stepOn(ANSWER, answer, {
    ...decimalAnswer,
    says: ({ value, of, write }) => {
      const places = Number(of('places'));
      const units = BigInt(of(PRODUCT).replace(/\D/g, ''));
      const full = write(printDecimal({ units, places }));
      const short = full === value ? '' : `, which is ${value}`;
      return `Count ${placesWord(of('places'))} from the right of ${of(PRODUCT)}: ${full}${short}.`;
    }
  });
}

/** So many places from the right; no more than a pupil could write. */
export function pointed(product: bigint, places: bigint): Decimal | undefined {
  return places > 40n ? undefined : withoutZeros({ units: product, places: Number(places) });
}

const placesWord = (places: string) => (places === '1' ? '1 place' : `${places} places`);

function estimateOf(given: Given): Step {
  const { usual, others } = estimates(given);
  const accepts = (written: Value) =>
    others.some((other) => decimalNumber.equal(written as Decimal, other));
  return stepOn(
    'estimate',
    usingValues([], () => usual.product),
    {
      reading: decimalNumber,
      accepts,
      label: 'Estimate',
      says: ({ value, write }) =>
        `About ${usual.factors.map((factor) => write(decimalNumber.print(factor))).join(' × ')} = ${value}.`
    }
  );
}

function estimated(): Step {
  const answer = usingValues<[bigint, Decimal]>([PRODUCT, 'estimate'], fitted);
  return stepOn(ANSWER, answer, {
    ...decimalAnswer,
    says: ({ value, of }) =>
      `The estimate is ${of('estimate')}, so put the point where the answer is near it: ${value}.`
  });
}

/**
 * The factors on squared paper with their points, multiplied as whole numbers, and under them how the point is found and
 * the answer. No place headings stand above: the figures of a factor are not in the columns of their places.
 */
export function decimalSheet(given: Given, school: School, house: HouseStyle): Layout {
  const style: HouseStyle = { ...house, headings: 'none' };
  const sheet = (isOneRow(given) ? shortSheet : multiplicationSheet)(
    figures(given),
    style,
    printedFactors(given)
  );
  const rest = sheet.width - 1;
  const found: Piece[] =
    school === 'places'
      ? [
          { heading: 'places', width: 2 },
          { step: 'places', width: 1 }
        ]
      : [{ sign: '≈' }, { step: 'estimate', width: Math.max(4, rest) }];
  const answer: Piece[] = [{ sign: '=' }, { step: ANSWER, width: Math.max(4, rest) }];
  return withLines(sheet, [found, answer]);
}
