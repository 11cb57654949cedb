import type { Weights } from '../../weights';

/** Set by judgement: no published source, and no scripts yet to estimate them from. */
export const weights: Weights = {
  origin: 'starting estimate',
  difficulty: {
    constant: -3.1,
    perUnit: {
      addends: 0.35,
      digits: 0.22,
      carries: 0.38,
      ripples: 0.3,
      largestCarry: 0.25,
      newColumn: 0.15,
      answerZeros: 0.12
    }
  },
  seconds: {
    constant: 2,
    perUnit: { addends: 2.5, digits: 4, carries: 3, ripples: 1.5, largestCarry: 1 }
  }
};
