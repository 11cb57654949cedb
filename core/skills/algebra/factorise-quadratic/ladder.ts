import type { RungPlan } from '../../skill';

const plain = { factorable: true, content: 1, kind: ['general'] };

/** From two plus signs to numbers before the square, common factors and quadratics that do not split. */
export const ladder: readonly RungPlan[] = [
  {
    kind: 'worked-example',
    count: 1,
    controls: { ...plain, monic: true, signs: ['++'], largest: { max: 15 } }
  },
  {
    kind: 'gaps',
    count: 1,
    controls: { ...plain, monic: true, signs: ['-+'], largest: { max: 20 } }
  },
  {
    kind: 'set-out',
    count: 3,
    controls: { ...plain, monic: true, signs: ['+-', '--'], largest: { max: 30 } }
  },
  {
    kind: 'bare',
    count: 4,
    controls: {
      factorable: true,
      content: { min: 2, max: 5 },
      leading: { max: 5 },
      largest: { max: 60 }
    }
  },
  {
    kind: 'harder',
    count: 3,
    controls: { ...plain, leading: { min: 2, max: 6 }, roots: ['rational'], largest: { max: 40 } }
  },
  {
    kind: 'challenge',
    count: 2,
    controls: {
      ...plain,
      leading: { min: 6, max: 12 },
      crossTrials: { min: 8 },
      largest: { max: 60 }
    }
  }
];
