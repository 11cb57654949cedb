/**
 * A decimal as it is written: units of 10^-places, and the places written. 0.5 and 0.50 are different
 * writings of one value.
 */
export interface Decimal {
  readonly units: bigint;
  readonly places: number;
}

/** Reads `3`, `0.406`; undefined for anything else: a sign, no digit before the point. */
export function parseDecimal(written: string): Decimal | undefined {
  const match = /^(\d+)(?:\.(\d+))?$/.exec(written.trim());
  if (!match) return undefined;
  const [, whole, decimals = ''] = match;
  return { units: BigInt(whole! + decimals), places: decimals.length };
}

/** The decimal as it was written; the inverse of {@link parseDecimal}. */
export function printDecimal({ units, places }: Decimal): string {
  const digits = units.toString().padStart(places + 1, '0');
  return places === 0 ? digits : `${digits.slice(0, -places)}.${digits.slice(-places)}`;
}

/** Units of 10^-places of the value; `places` must be at least those written. 0.5 to 3 places is 500. */
export function unitsTo({ units, places }: Decimal, to: number): bigint {
  if (to < places) throw new RangeError(`unitsTo: ${places} places do not fit into ${to}`);
  return units * 10n ** BigInt(to - places);
}

/** The same value without zeros at its end: 6.0 is 6. */
export function withoutZeros({ units, places }: Decimal): Decimal {
  return places > 0 && units % 10n === 0n
    ? withoutZeros({ units: units / 10n, places: places - 1 })
    : { units, places };
}

/** Below 0, 0 or above 0, as one decimal is smaller than, equal to or larger than another. */
export function compareDecimals(one: Decimal, other: Decimal): number {
  const places = Math.max(one.places, other.places);
  const difference = unitsTo(one, places) - unitsTo(other, places);
  return difference < 0n ? -1 : difference > 0n ? 1 : 0;
}
