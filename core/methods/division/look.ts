import { zerosIn } from '../../numbers/digit-measures';
import { count, flag, type Feature } from '../../skill/feature';

export interface Given {
  readonly dividend: string;
  readonly divisor: string;
}

/** What is seen of a division, from what is left of the beginnings of the dividend. */
export interface Look extends Given {
  readonly quotient: string;
  readonly remainder: number;
  /** What is left after each figure of the quotient but the last. */
  readonly remainders: readonly number[];
  readonly leadingShort: boolean;
}

export function look({ dividend, divisor }: Given): Look {
  const [whole, by] = [Number(dividend), Number(divisor)];
  const quotient = String(Math.floor(whole / by));
  const first = dividend.length - quotient.length + 1;
  const beginnings = [...quotient].slice(0, -1).map((_, at) => dividend.slice(0, first + at));
  return {
    dividend,
    divisor,
    quotient,
    remainder: whole % by,
    remainders: beginnings.map((beginning) => Number(beginning) % by),
    leadingShort: Number(dividend.slice(0, divisor.length)) < by
  };
}

type Limits = readonly [least: number, most: number];

/** Features of a division with dividends of so many digits by divisors in a range. */
export function divisionFeatures(
  digits: Limits,
  divisors: Limits
): Readonly<Record<string, Feature<Look>>> {
  const [least, most] = divisors;
  const longest = digits[1] - String(least).length + 1;
  return {
    digits: count<Look>(digits, 'Digits', 'digits of the dividend', (l) => l.dividend.length),
    divisor: count<Look>(divisors, 'Divisor', 'the number divided by', (l) => Number(l.divisor)),
    quotientDigits: count<Look>(
      [1, longest],
      'Digits of the quotient',
      'without what is left over',
      (l) => l.quotient.length
    ),
    quotientZeros: count<Look>(
      [0, longest - 1],
      'Zeros in the quotient',
      'zero digits of it',
      (l) => zerosIn(l.quotient)
    ),
    carried: count<Look>(
      [0, longest - 1],
      'Carried',
      'remainders on the way that are not 0',
      (l) => l.remainders.filter((left) => left > 0).length
    ),
    remainder: count<Look>([0, most - 1], 'Remainder', 'what is left over', (l) => l.remainder),
    exact: flag<Look>('Exact', 'nothing is left over', (l) => l.remainder === 0),
    leadingShort: flag<Look>(
      'Leading digits short',
      'as many leading digits as the divisor has make less than it',
      (l) => l.leadingShort
    )
  };
}
