import { parseDecimal, unitsTo, withoutZeros, type Decimal } from '../../../numbers';
import type { Given } from '../../../methods/products/factors';

interface Estimate {
  readonly factors: readonly [Decimal, Decimal];
  readonly product: Decimal;
}

/** Both factors rounded to one significant digit and multiplied; the others round one or both the other way. */
export function estimates({ multiplicand, multiplier }: Given): {
  readonly usual: Estimate;
  readonly others: readonly Decimal[];
} {
  const [one, other] = [roundings(multiplicand), roundings(multiplier)];
  return {
    usual: {
      factors: [withoutZeros(one.nearest), withoutZeros(other.nearest)],
      product: times(one.nearest, other.nearest)
    },
    others: one.both.flatMap((a) => other.both.map((b) => times(a, b)))
  };
}

/** A numeral rounded down and up to one significant digit, and to the nearer, halves up. */
function roundings(numeral: string): { nearest: Decimal; both: readonly Decimal[] } {
  const { units, places } = parseDecimal(numeral)!;
  const power = 10n ** BigInt(String(units).length - 1);
  const down = (units / power) * power;
  const up = units === down ? down : down + power;
  const nearest = 2n * (units - down) < power ? down : up;
  return {
    nearest: { units: nearest, places },
    both: [down, up].map((at) => ({ units: at, places }))
  };
}

function times(one: Decimal, other: Decimal): Decimal {
  return withoutZeros({ units: one.units * other.units, places: one.places + other.places });
}

/**
 * A product of digits with its point where it comes nearest to an estimate: between it divided and multiplied by
 * the root of ten. Rounding both factors to one digit changes their product by less than that.
 */
export function fitted(product: bigint, estimate: Decimal): Decimal | undefined {
  if (estimate.units === 0n) return undefined;
  const MOST = 12;
  const about = unitsTo(estimate, estimate.places + MOST);
  for (let places = 0; places <= MOST; places++) {
    // The square of the product against ten times that of the estimate, in the same units.
    const value = product * 10n ** BigInt(estimate.places + MOST - places);
    if (value * value <= 10n * about * about) return withoutZeros({ units: product, places });
  }
  return undefined;
}
