import { fromDigits, parseDigits } from '../../numbers';
import type { Get, Step } from '../../working';
import type { Given } from './look';

/** A division by a whole number as its steps read it: figures of the dividend by place, the last place first. */
export interface Dividing {
  readonly digits: readonly number[];
  /** Place of the first of them: 0 for whole numbers, -2 for hundredths. */
  readonly lowest: number;
  readonly divisor: bigint;
  /** The place of the first figure of the quotient that is written. */
  readonly top: number;
  readonly remainder: bigint;
}

export function dividing({ dividend, divisor }: Given): Dividing {
  const [whole, by] = [BigInt(dividend), BigInt(divisor)];
  return {
    digits: parseDigits(dividend)!,
    lowest: 0,
    divisor: by,
    top: String(whole / by).length - 1,
    remainder: whole % by
  };
}

/** The places of the dividend, the highest first. */
export function placesFrom({ digits, lowest }: Dividing): number[] {
  return digits.map((_, at) => lowest + digits.length - 1 - at);
}

/** The figure of the dividend at a place. */
export const figureAt = ({ digits, lowest }: Dividing, place: number) => digits[place - lowest]!;

/** The figures of the dividend down to a place, read as a number. */
export const beginningTo = ({ digits, lowest }: Dividing, place: number) =>
  fromDigits(digits.slice(place - lowest));

/**
 * One figure of a quotient and what it leaves. The number fact behind both is one total: who takes 56 for 54
 * divides that, and what is left follows from it.
 */
export function divided(id: string, partial: Pick<Step, 'uses' | 'rule'>, divisor: bigint) {
  const join = (quotient: bigint, left: bigint) => quotient * divisor + left;
  const total = { id, rule: partial.rule, join };
  const quotient = (get: Get) => {
    const value = partial.rule(get);
    return typeof value === 'bigint' ? value / divisor : undefined;
  };
  return {
    quotient: {
      uses: partial.uses,
      rule: quotient,
      total: { ...total, part: (sum: bigint) => sum / divisor },
      facts: (get: Get) => {
        const value = partial.rule(get);
        return typeof value === 'bigint'
          ? [value + divisor, value - divisor].filter((one) => one >= 0n)
          : [];
      }
    },
    left: {
      ...leftOf(partial, divisor, id),
      total: { ...total, part: (sum: bigint) => sum % divisor }
    }
  };
}

/** What is left of a partial dividend by the figure that was written for it; undefined below 0. */
export function leftOf(
  { uses, rule }: Pick<Step, 'uses' | 'rule'>,
  divisor: bigint,
  quotient: string
) {
  return {
    uses: [quotient, ...uses],
    rule(get: Get) {
      const [whole, figure] = [rule(get), get(quotient)];
      if (typeof whole !== 'bigint' || typeof figure !== 'bigint') return undefined;
      const left = whole - figure * divisor;
      return left < 0n ? undefined : left;
    }
  };
}
