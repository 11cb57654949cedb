import { gcdOfSmall } from '../../../numbers';
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
  readonly addends: readonly MixedGiven[];
}

/** What the two fractions settle, whatever the whole parts. */
export type Pair = Denominators & {
  readonly regroups: boolean;
  readonly makesWhole: boolean;
  readonly simplifies: boolean;
  readonly wholeAddend: boolean;
};

export function lookAtFractions(one: Fraction, other: Fraction): Pair {
  const denominators = lookAtDenominators(one, other);
  const common = denominators.commonDenominator;
  const sum = topOver(one, common) + topOver(other, common);
  const rest = sum % common;
  return {
    ...denominators,
    regroups: sum >= common,
    makesWhole: sum === common,
    // Not if the fraction vanishes.
    simplifies: rest > 0 && gcdOfSmall(rest, common) > 1,
    wholeAddend: one.numerator === 0 || other.numerator === 0
  };
}

export type Look = Pair & TwoMixed;

export function look({ addends }: Given): Look {
  const [one, other] = addends as [MixedGiven, MixedGiven];
  return { ...lookAtFractions(one, other), numbers: [one, other] };
}

const { relation, commonDenominator, simplifies, fractionOnly, ...sizes } = mixedFeatures;

export const features = {
  relation,
  commonDenominator,
  regroups: flag<Look>(
    'Reaches a whole',
    'the fractions together are 1 or more',
    (l) => l.regroups
  ),
  simplifies,
  fractionOnly,
  makesWhole: flag<Look>(
    'Makes a whole',
    'the fractions together are exactly 1',
    (l) => l.makesWhole
  ),
  wholeAddend: flag<Look>(
    'Whole addend',
    'one of the numbers has no fraction part',
    (l) => l.wholeAddend
  ),
  ...sizes
};

/** Whether the answer has a whole part and a fraction. */
export function isMixed(given: Given): boolean {
  const { makesWhole, regroups, numbers } = look(given);
  return !makesWhole && (regroups || numbers.some(({ whole }) => whole > 0));
}
