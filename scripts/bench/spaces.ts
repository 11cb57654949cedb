import type { Controls } from '@zealous-quill/core/skill';

export interface BenchSpace {
  readonly name: string;
  readonly controls: Controls;
}

/** For each skill a common request and its rarest kinds, of numbers of the same length. */
export const spaces: Readonly<Record<string, readonly BenchSpace[]>> = {
  'column-addition': [
    { name: 'common: two 12-digit addends', controls: { addends: 2, digits: 12, shortest: 12 } },
    {
      name: 'rare: 12 carries, 5 ripples',
      controls: { addends: 2, digits: 12, shortest: 12, carries: 12, ripples: 5 }
    },
    {
      name: 'rare: no carry, 6 zeros',
      controls: { addends: 2, digits: 12, shortest: 12, carries: 0, zeros: 6 }
    }
  ],
  'column-subtraction': [
    { name: 'common: 12 digits from 12', controls: { digits: 12, shortest: 12 } },
    { name: 'rare: 11 regroupings', controls: { digits: 12, shortest: 12, regroupings: 11 } },
    {
      name: 'rare: across 6 zeros, 3 lost',
      controls: { digits: 12, shortest: { min: 6 }, acrossZeros: 6, lostColumns: 3 }
    }
  ],
  'long-multiplication': [
    { name: 'common: 4 by 3 digits', controls: { digits: 4, multiplierDigits: 3 } },
    {
      name: 'rare: 9 carries, 5 when adding',
      controls: { digits: 4, multiplierDigits: 3, carries: 9, additionCarries: 5 }
    },
    {
      name: 'rare: no carry at all',
      controls: { digits: 4, multiplierDigits: 3, carries: 0, additionCarries: 0 }
    }
  ],
  'decimal-subtraction': [
    { name: 'common: 5 whole digits, 4 places', controls: { wholeDigits: 5, maxPlaces: 4 } },
    {
      name: 'rare: 8 regroupings',
      controls: { wholeDigits: 5, maxPlaces: 4, regroupings: 8 }
    },
    {
      name: 'rare: across 6 zeros, whole minuend',
      controls: { wholeDigits: 5, maxPlaces: 4, acrossZeros: 6, wholeMinuend: true }
    }
  ],
  'decimal-multiplication': [
    { name: 'common: 4 by 3 digits', controls: { digits: 4, multiplierDigits: 3 } },
    {
      name: 'rare: 9 carries, a trailing zero',
      controls: { digits: 4, multiplierDigits: 3, carries: 9, trailingZeros: 1 }
    },
    {
      name: 'rare: 4 trailing zeros or more',
      controls: { digits: 4, multiplierDigits: 3, trailingZeros: { min: 4 } }
    }
  ],
  'decimal-division': [
    { name: 'common: 5 digits', controls: { digits: 5 } },
    { name: 'rare: 4 zeros in the quotient', controls: { digits: 5, quotientZeros: 4 } },
    { name: 'rare: below 1, 3 further zeros', controls: { belowOne: true, extraZeros: 3 } }
  ],
  'order-decimals': [
    { name: 'common: 5 numbers', controls: { count: 5 } },
    { name: 'rare: 9 longer traps', controls: { count: 5, longerTraps: 9 } },
    {
      name: 'rare: 3 shared digits, 4 zero traps, 1 integer',
      controls: { count: 5, sharedPrefix: 3, zeroTraps: 4, integers: 1 }
    }
  ],
  'mixed-subtraction': [
    { name: 'common: any', controls: {} },
    { name: 'rare: over 552', controls: { commonDenominator: 552 } },
    {
      name: 'rare: simplifies below 1, fraction only',
      controls: {
        simplifies: true,
        wholeVanishes: true,
        fractionOnly: true,
        relation: ['shared-factor']
      }
    }
  ],
  'near-multiple-subtraction': [
    { name: 'common: 6 digits', controls: { digits: 6 } },
    { name: 'rare: 2 below a hundred', controls: { digits: 6, base: 100, offset: -2 } },
    { name: 'rare: 30 above a thousand', controls: { digits: 6, offset: 30, suited: true } }
  ],
  'square-ending-five': [
    { name: 'common: 4 digits', controls: { digits: 4 } },
    { name: 'any', controls: {} }
  ],
  'factorise-quadratic': [
    { name: 'common: any', controls: {} },
    { name: 'rare: perfect squares', controls: { kind: ['perfect-square'], content: 1 } },
    {
      name: 'rare: 40 trials or more that split',
      controls: { factorable: true, crossTrials: { min: 40 }, roots: ['rational'] }
    }
  ],
  'bridge-addition': [
    {
      name: 'common: two of 3 digits, near a hundred',
      controls: { addends: 2, digits: 3, base: 100 }
    },
    { name: 'rare: three, gap 30', controls: { addends: 3, digits: 4, base: 1000, gap: 30 } }
  ],
  'compatible-addition': [
    { name: 'common: five, two pairs', controls: { addends: 5, pairs: 2 } },
    { name: 'rare: six, three pairs, none beside', controls: { addends: 6, pairs: 3, adjacent: 0 } }
  ],
  'double-and-halve': [
    { name: 'common: two halvings', controls: { halvings: 2 } },
    { name: 'rare: suited, six halvings', controls: { suited: true, halvings: 6 } }
  ],
  'repunit-multiplication': [
    { name: 'common: 6 digits by 11', controls: { window: 2, digits: 6 } },
    { name: 'rare: 8 carries in a row', controls: { window: 4, digits: 6, longestRun: 8 } }
  ]
};

/** Requests whose counting is timed, in this order: a space's tables are built by the first that needs them. */
export const counts: readonly (BenchSpace & { skill: string })[] = [
  { skill: 'column-addition', name: 'no control', controls: {} },
  {
    skill: 'column-addition',
    name: 'three controls',
    controls: { addends: 2, digits: 3, carries: 2 }
  },
  {
    skill: 'column-addition',
    name: 'all ten controls, two addends',
    controls: {
      addends: 2,
      digits: 12,
      shortest: 10,
      carries: 7,
      ripples: 1,
      longestRun: 4,
      largestCarry: 1,
      newColumn: false,
      zeros: 3,
      answerZeros: 1
    }
  },
  {
    skill: 'column-addition',
    name: 'all ten controls, six addends of 12 digits',
    controls: {
      addends: 6,
      digits: 12,
      shortest: { min: 1 },
      carries: 8,
      ripples: 0,
      longestRun: 5,
      largestCarry: 4,
      newColumn: true,
      zeros: 6,
      answerZeros: 2
    }
  },
  { skill: 'order-decimals', name: 'no control', controls: {} },
  {
    skill: 'order-decimals',
    name: '4 numbers, 2 longer traps',
    controls: { count: 4, longerTraps: 2 }
  },
  { skill: 'order-decimals', name: 'only longer traps', controls: { longerTraps: 3 } },
  {
    skill: 'order-decimals',
    name: 'all controls, 3 to 8 numbers',
    controls: {
      maxPlaces: { min: 1 },
      raggedness: { min: 1 },
      integers: { max: 7 },
      sharedPrefix: { min: 1 },
      longerTraps: { max: 23 },
      shorterTraps: { max: 24 },
      zeroTraps: { max: 7 }
    }
  },
  { skill: 'decimal-subtraction', name: 'no control', controls: {} },
  { skill: 'decimal-multiplication', name: 'no control, the first time', controls: {} },
  {
    skill: 'decimal-multiplication',
    name: '4 carries, 2 trailing zeros',
    controls: { carries: 4, trailingZeros: 2 }
  },
  { skill: 'decimal-division', name: 'no control, the first time', controls: {} },
  { skill: 'decimal-division', name: '2 zeros in the quotient', controls: { quotientZeros: 2 } },
  { skill: 'mixed-subtraction', name: 'no control', controls: {} },
  { skill: 'factorise-quadratic', name: 'no control', controls: {} },
  {
    skill: 'factorise-quadratic',
    name: 'six controls',
    controls: {
      content: 1,
      factorable: true,
      kind: ['general'],
      pairs: { min: 4 },
      crossTrials: { max: 20 },
      roots: ['rational']
    }
  }
];
