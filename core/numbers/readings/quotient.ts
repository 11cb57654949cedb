import { improperNumerator, printMixed, readMixed, type Mixed } from '../mixed';
import { ungrouped } from '../numeral';
import { printDecimal, type Decimal } from '../decimal';
import { decimalNumber } from './decimals';
import type { FormCode, Reading, Value } from '../reading';

/** A quotient with what is left, or written exactly as a mixed number or a decimal. */
export type Quotient =
  | { readonly quotient: bigint; readonly remainder: bigint }
  | { readonly mixed: Mixed }
  | { readonly decimal: Decimal };

/**
 * Quotients by one divisor: `16 r 4`, `16 R4`, `16 rem 4`, `142`. Two with remainders are equal where both parts
 * are; a mixed number or a decimal is compared by its value with the exact quotient.
 */
export function quotientBy(divisor: bigint): Reading<Quotient> {
  return {
    kind: 'quotient',
    parse: parseQuotient,
    equal(one, other) {
      if ('remainder' in one && 'remainder' in other) {
        return one.quotient === other.quotient && one.remainder === other.remainder;
      }
      const [a, b] = [exact(one, divisor), exact(other, divisor)];
      return a.top * b.bottom === b.top * a.bottom;
    },
    print: printQuotient,
    near: (value) =>
      'remainder' in value
        ? [
            { ...value, quotient: value.quotient + 1n },
            { ...value, remainder: value.remainder + 1n }
          ]
        : [],
    size(value) {
      const { top, bottom } = exact(value, divisor);
      return Number(top) / Number(bottom);
    }
  };
}

function parseQuotient(written: string): Quotient | undefined {
  const text = ungrouped(written);
  const [, quotient, remainder = '0'] =
    /^(\d+)(?:\s*r(?:em(?:ainder)?)?\.?\s*(\d+))?$/i.exec(text) ?? [];
  if (quotient !== undefined) return { quotient: BigInt(quotient), remainder: BigInt(remainder) };
  const decimal = decimalNumber.parse(text);
  if (decimal) return { decimal };
  const mixed = readMixed(text);
  return mixed && { mixed };
}

function printQuotient(value: Quotient): string {
  if ('mixed' in value) return printMixed(value.mixed);
  if ('decimal' in value) return printDecimal(value.decimal);
  const { quotient, remainder } = value;
  return remainder === 0n ? `${quotient}` : `${quotient} r ${remainder}`;
}

function exact(value: Quotient, divisor: bigint): { top: bigint; bottom: bigint } {
  if ('mixed' in value) {
    return { top: improperNumerator(value.mixed), bottom: value.mixed.denominator };
  }
  if ('decimal' in value) {
    return { top: value.decimal.units, bottom: 10n ** BigInt(value.decimal.places) };
  }
  return { top: value.quotient * divisor + value.remainder, bottom: divisor };
}

/** How a quotient is written where it has no remainder after an r. */
export function quotientForm(written: Value): readonly FormCode[] {
  const value = written as Quotient;
  if ('mixed' in value) return ['as-fraction'];
  return 'decimal' in value && value.decimal.places > 0 ? ['as-decimal'] : [];
}
