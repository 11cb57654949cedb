import type { RungPlan } from '../../skill';

/** Regroupings rise from rung to rung; zeros come last. */
export const ladder: readonly RungPlan[] = [
  {
    kind: 'worked-example',
    count: 1,
    controls: { digits: 3, shortest: 3, regroupings: 1, zeros: 0 }
  },
  { kind: 'gaps', count: 1, controls: { digits: 3, shortest: 3, regroupings: 2, zeros: 0 } },
  { kind: 'set-out', count: 4, controls: { digits: 3, shortest: 3, regroupings: 1, zeros: 0 } },
  {
    kind: 'bare',
    count: 4,
    controls: { digits: 3, shortest: { min: 2 }, regroupings: 2, zeros: 0 }
  },
  { kind: 'harder', count: 3, controls: { digits: 4, regroupings: { min: 2 }, acrossZeros: 1 } },
  { kind: 'challenge', count: 2, controls: { digits: 5, acrossZeros: { min: 2 } } }
];
