import type { RungPlan } from '../../skill';

/** Two numbers throughout; the carries, then the zeros and the lengths, rise from rung to rung. */
export const ladder: readonly RungPlan[] = [
  {
    kind: 'worked-example',
    count: 1,
    controls: { addends: 2, digits: 3, shortest: 3, carries: 1, zeros: 0 }
  },
  {
    kind: 'gaps',
    count: 1,
    controls: { addends: 2, digits: 3, shortest: 3, carries: 2, ripples: 0, zeros: 0 }
  },
  {
    kind: 'set-out',
    count: 4,
    controls: { addends: 2, digits: 3, shortest: 3, carries: 1, newColumn: false }
  },
  { kind: 'bare', count: 4, controls: { addends: 2, digits: 3, shortest: { min: 2 }, carries: 2 } },
  {
    kind: 'harder',
    count: 3,
    controls: { addends: 2, digits: 4, shortest: { max: 3 }, carries: 3, ripples: { min: 1 } }
  },
  {
    kind: 'challenge',
    count: 1,
    controls: { addends: 3, digits: 4, carries: { min: 3 }, largestCarry: 2 }
  }
];
