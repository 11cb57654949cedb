import { gcd } from './divisors';

/**
 * A mixed number as it is written: whole and numerator over denominator, the denominator at least 1. The
 * fraction need be neither proper nor in lowest terms: 2 6/9, 22/9 and 2 2/3 are different writings.
 */
export interface Mixed {
  readonly whole: bigint;
  readonly numerator: bigint;
  readonly denominator: bigint;
}

/** The numerator of the improper fraction over its own denominator: 2 4/9 has 22. */
export function improperNumerator({ whole, numerator, denominator }: Mixed): bigint {
  return whole * denominator + numerator;
}

/** Whether two mixed numbers have the same value, however they are written. */
export function sameMixed(one: Mixed, other: Mixed): boolean {
  return improperNumerator(one) * other.denominator === improperNumerator(other) * one.denominator;
}

/** The mixed number of numerator / denominator, which must not be negative, its fraction proper and in lowest terms. */
export function mixedOf(numerator: bigint, denominator: bigint): Mixed {
  if (numerator < 0n || denominator < 1n) {
    throw new RangeError(
      `mixedOf needs a fraction that is not negative, got ${numerator}/${denominator}`
    );
  }
  const common = gcd(numerator, denominator);
  const [top, bottom] = [numerator / common, denominator / common];
  return { whole: top / bottom, numerator: top % bottom, denominator: bottom };
}

/** Whether the fraction is proper and in lowest terms. */
export function isSimplest({ numerator, denominator }: Mixed): boolean {
  return numerator < denominator && (numerator === 0n || gcd(numerator, denominator) === 1n);
}

/** The mixed number as a pupil writes it: `2 4/9`, `4/9`, `2`; the inverse of {@link parseMixed}. */
export function printMixed({ whole, numerator, denominator }: Mixed): string {
  if (numerator === 0n) return String(whole);
  return `${whole === 0n ? '' : `${whole} `}${numerator}/${denominator}`;
}

/**
 * Reads what a pupil may write for a mixed number: `2 4/9`, `2 + 4/9`, `2 and 4/9`, `3½`, and a decimal of that
 * value; else as {@link parseMixed}.
 */
export function readMixed(written: string): Mixed | undefined {
  const text = written
    .trim()
    // A fraction in one sign is taken apart, with a space before it.
    .replace(/[\u00bc-\u00be\u2150-\u215e\u2189]/g, ' $&')
    .normalize('NFKC')
    .replace(/^(\d+)\s*(?:\+|&|\band\b)\s*(?=\d)/i, '$1 ');
  const [, whole, decimals] = /^(\d*)\.(\d*)$/.exec(text) ?? [];
  if (decimals === undefined) return parseMixed(text);
  if (whole === '' && decimals === '') return undefined;
  const denominator = 10n ** BigInt(decimals.length);
  const numerator = BigInt(decimals || '0');
  return { whole: BigInt(whole || '0'), numerator, denominator };
}

/** Reads `2 4/9`, `22/9`, `2`; undefined for anything else, a denominator of 0 among it. */
export function parseMixed(written: string): Mixed | undefined {
  const text = written.trim();
  const [, whole, numerator, denominator] =
    /^(\d+)$/.exec(text) ?? /^(?:(\d+)\s+)?(\d+)\s*[/⁄]\s*(\d+)$/.exec(text) ?? [];
  if (whole === undefined && numerator === undefined) return undefined;
  const mixed = {
    whole: BigInt(whole ?? 0),
    numerator: BigInt(numerator ?? 0),
    denominator: BigInt(denominator ?? 1)
  };
  return mixed.denominator === 0n ? undefined : mixed;
}
