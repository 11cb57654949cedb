import { gcdOfSmall } from '../../../numbers';
import { ratio, type Ratio } from '../../../numbers/ratio';

/**
 * Numbers of problems are kept as whole numbers of thirty-thousandths: exact for four decimal places and for halves,
 * thirds, quarters, fifths, sixths, eighths and twelfths, and quick to count with.
 */
export const SCALE = 30_000;

/** How a number is written. */
export type Notation = 'number' | 'money' | 'mixed';

export const scaled = (value: number): number => Math.round(value * SCALE);

export const isWhole = (amount: number): boolean => amount % SCALE === 0;

/** Decimal places that a number needs; undefined if it does not end within four. */
export function placesOf(amount: number): number | undefined {
  for (let places = 0, power = 1; places <= 4; places++, power *= 10) {
    if ((amount * power) % SCALE === 0) return places;
  }
  return undefined;
}

/** The number as a numeral: `37.5`, `3.20`, `2 1/4`. */
export function printAmount(amount: number, notation: Notation): string {
  if (isWhole(amount)) return String(amount / SCALE);
  if (notation === 'mixed') {
    const whole = Math.floor(amount / SCALE);
    const rest = amount % SCALE;
    const common = gcdOfSmall(rest, SCALE);
    return `${whole > 0 ? `${whole} ` : ''}${rest / common}/${SCALE / common}`;
  }
  const places = notation === 'money' ? Math.max(2, placesOf(amount)!) : placesOf(amount)!;
  return (amount / SCALE).toFixed(places);
}

/** The number that a numeral stands for; undefined if it is none, or too fine. */
export function readAmount(numeral: string): number | undefined {
  const [, decimal, whole = '0', top, bottom] =
    /^(?:(\d+(?:\.\d+)?)|(?:(\d+) )?(\d+)\/([1-9]\d*))$/.exec(numeral) ?? [];
  const amount =
    decimal !== undefined
      ? Number(decimal) * SCALE
      : top !== undefined
        ? Number(whole) * SCALE + (Number(top) * SCALE) / Number(bottom)
        : NaN;
  const rounded = Math.round(amount);
  return Number.isSafeInteger(rounded) && Math.abs(amount - rounded) < 1e-3 ? rounded : undefined;
}

export const ratioOfAmount = (amount: number): Ratio => ratio(BigInt(amount), BigInt(SCALE));
