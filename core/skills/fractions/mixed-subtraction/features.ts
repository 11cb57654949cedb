import { takingWords } from '../../../house-style';
import { gcdOfSmall } from '../../../numbers';
import { capital } from '../../../working';
import { flag } from '../../../skill/feature';
import {
  lookAtDenominators,
  mixedFeatures,
  topOver,
  type Denominators,
  type Fraction,
  type TwoMixed
} from '../../../methods/fractions/pairs';
import type { MixedGiven } from '../../../skill/given/mixed';

export interface Given {
  readonly minuend: MixedGiven;
  readonly subtrahend: MixedGiven;
}

/** What the two fractions settle, whatever the whole parts. */
export type Pair = Denominators & {
  readonly regroups: boolean;
  readonly simplifies: boolean;
  readonly wholeMinuend: boolean;
};

/** Whether the fraction above is too small for the one below. */
export function needsRegrouping(minuend: Fraction, subtrahend: Fraction): boolean {
  return minuend.numerator * subtrahend.denominator < subtrahend.numerator * minuend.denominator;
}

export function lookAtFractions(minuend: Fraction, subtrahend: Fraction): Pair {
  const denominators = lookAtDenominators(minuend, subtrahend);
  const common = denominators.commonDenominator;
  const difference = topOver(minuend, common) - topOver(subtrahend, common);
  const rest = difference < 0 ? difference + common : difference;
  return {
    ...denominators,
    regroups: difference < 0,
    // Not if the fraction vanishes.
    simplifies: rest > 0 && gcdOfSmall(rest, common) > 1,
    wholeMinuend: minuend.numerator === 0
  };
}

export type Look = Pair & TwoMixed;

export function look({ minuend, subtrahend }: Given): Look {
  return { ...lookAtFractions(minuend, subtrahend), numbers: [minuend, subtrahend] };
}

const { relation, commonDenominator, simplifies, fractionOnly, ...sizes } = mixedFeatures;

export const features = {
  relation,
  commonDenominator,
  regroups: flag<Look>(
    (style) => capital(takingWords(style).acts),
    'the fraction above is too small',
    (l) => l.regroups
  ),
  simplifies,
  wholeMinuend: flag<Look>(
    'Whole minuend',
    'the minuend has no fraction part',
    (l) => l.wholeMinuend
  ),
  fractionOnly,
  wholeVanishes: flag<Look>('Whole vanishes', 'the answer is below 1', vanishes),
  ...sizes
};

function vanishes({ numbers: [minuend, subtrahend], regroups }: Look): boolean {
  return minuend.whole - subtrahend.whole - (regroups ? 1 : 0) === 0;
}

/** Whether the answer has a whole part and a fraction. */
export function isMixed(given: Given): boolean {
  const { minuend, subtrahend } = given;
  const areEqual = !needsRegrouping(minuend, subtrahend) && !needsRegrouping(subtrahend, minuend);
  return !areEqual && !vanishes(look(given));
}
