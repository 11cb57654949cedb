import type { RungPlan } from '../../skill';

const plain = { fractionOnly: false, wholeVanishes: false };

/** From like denominators to regrouping over unlike ones. */
export const ladder: readonly RungPlan[] = [
  {
    kind: 'worked-example',
    count: 1,
    controls: {
      ...plain,
      relation: ['same'],
      regroups: false,
      commonDenominator: { min: 5, max: 9 }
    }
  },
  {
    kind: 'gaps',
    count: 1,
    controls: {
      ...plain,
      relation: ['same'],
      regroups: true,
      commonDenominator: { min: 5, max: 9 }
    }
  },
  {
    kind: 'set-out',
    count: 3,
    controls: {
      ...plain,
      relation: ['multiple'],
      regroups: false,
      // A whole number below would leave nothing to simplify.
      simplifies: true,
      wholeMinuend: false,
      commonDenominator: { min: 4, max: 12 }
    }
  },
  {
    kind: 'bare',
    count: 4,
    controls: {
      ...plain,
      relation: ['multiple', 'coprime'],
      regroups: true,
      simplifies: false,
      wholeMinuend: false,
      commonDenominator: { min: 6, max: 20 }
    }
  },
  {
    kind: 'harder',
    count: 3,
    controls: { regroups: true, wholeMinuend: true, commonDenominator: { min: 5, max: 12 } }
  },
  {
    kind: 'challenge',
    count: 2,
    controls: {
      ...plain,
      relation: ['shared-factor'],
      regroups: true,
      simplifies: true,
      commonDenominator: { min: 24, max: 60 }
    }
  }
];
