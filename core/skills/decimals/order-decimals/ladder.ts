import type { RungPlan } from '../../skill';

/** From numbers of one length to ragged ones that share digits, with traps for both ways of thinking. */
export const ladder: readonly RungPlan[] = [
  {
    kind: 'worked-example',
    count: 1,
    controls: { count: 4, maxPlaces: 2, raggedness: 1, longerTraps: { min: 2 }, integers: 0 }
  },
  {
    kind: 'gaps',
    count: 1,
    controls: {
      count: 4,
      maxPlaces: 2,
      raggedness: 1,
      longerTraps: 1,
      shorterTraps: 2,
      integers: 0
    }
  },
  {
    kind: 'set-out',
    count: 3,
    controls: { count: 4, maxPlaces: 3, raggedness: 2, longerTraps: { min: 2 }, integers: 0 }
  },
  {
    kind: 'bare',
    count: 4,
    controls: {
      count: 4,
      maxPlaces: 3,
      longerTraps: { min: 2 },
      shorterTraps: { min: 1 },
      zeroTraps: { min: 1 }
    }
  },
  {
    kind: 'harder',
    count: 3,
    controls: {
      count: 5,
      maxPlaces: 3,
      integers: 1,
      longerTraps: { min: 2 },
      shorterTraps: { min: 3 }
    }
  },
  {
    kind: 'challenge',
    count: 2,
    controls: {
      count: 6,
      maxPlaces: 4,
      sharedPrefix: { min: 2 },
      zeroTraps: { min: 2 },
      longerTraps: { min: 4 }
    }
  }
];
