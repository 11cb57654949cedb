import type { HouseStyle } from '../../house-style';
import {
  acrossFigures,
  gcd,
  printDecimal,
  printMixed,
  quotientBy,
  quotientForm,
  withoutZeros,
  type Decimal,
  type Quotient
} from '../../numbers';
import { ANSWER, stepOn, type Get, type Step, type StepMore } from '../../working';
import type { Dividing } from './partials';

/**
 * What the figures of a quotient read across, and what is left at the end. Where nothing is, that need not be
 * seen: the figures alone are the answer. Where what is left is written at the foot, both together are.
 */
export function quotientAcross(
  { digits, divisor, remainder }: Dividing,
  left: Pick<Step, 'uses' | 'rule'>,
  { isLeftWritten = false } = {}
): Step {
  const isExact = remainder === 0n;
  const figures = digits.map((_, at) => `quotient.${digits.length - 1 - at}`);
  const across = {
    uses: [...new Set([...figures, ...left.uses])],
    rule(get: Get) {
      const quotient = acrossFigures(figures.map(get));
      const rest = left.rule(get) ?? (isExact ? 0n : undefined);
      return quotient === undefined || typeof rest !== 'bigint'
        ? undefined
        : quotientOf(quotient, rest);
    }
  };
  return stepOn(ANSWER, across, { ...quotientStep(divisor), assembled: isExact || isLeftWritten });
}

/** How the answer of a division is read, and what is said of it. */
export function quotientStep(divisor: bigint): StepMore {
  return {
    reading: quotientBy(divisor),
    form: quotientForm,
    writes: (value, style) => writtenQuotient(value as Quotient, divisor, style),
    label: 'Answer',
    says: ({ value }) => `The quotient is ${value}.`
  };
}

/** Most decimal places with which a quotient is written instead of a remainder. */
const PLACES = 3;

/** A quotient that ends within so many places; undefined if it does not. */
export function endingQuotient(dividend: bigint, divisor: bigint): Decimal | undefined {
  const units = dividend * 10n ** BigInt(PLACES);
  return units % divisor === 0n
    ? withoutZeros({ units: units / divisor, places: PLACES })
    : undefined;
}

/** A remainder as the house writes it; undefined where that is after an r, as a decimal that does not end is. */
function writtenQuotient(
  value: Quotient,
  divisor: bigint,
  { remainder: written }: HouseStyle
): string | undefined {
  if (written === 'r' || !('remainder' in value) || value.remainder === 0n) return undefined;
  const { quotient, remainder } = value;
  if (written === 'decimal') {
    const ending = endingQuotient(quotient * divisor + remainder, divisor);
    return ending && printDecimal(ending);
  }
  // What is left over by mistake may be more than a whole: that is not hidden by reducing it.
  const common = remainder < divisor ? gcd(remainder, divisor) : 1n;
  return printMixed({
    whole: quotient,
    numerator: remainder / common,
    denominator: divisor / common
  });
}

export const quotientOf = (quotient: bigint, remainder: bigint): Quotient => ({
  quotient,
  remainder
});
