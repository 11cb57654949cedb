import type { Weights } from '../../weights';

/** Set by judgement: no published source, and no scripts yet to estimate them from. */
export const weights: Weights = {
  origin: 'starting estimate',
  difficulty: {
    constant: -2.6,
    perUnit: {
      digits: 0.25,
      regroupings: 0.5,
      acrossZeros: 0.6,
      longestRun: 0.12,
      lostColumns: 0.05
    }
  },
  seconds: { constant: 4, perUnit: { digits: 4.5, regroupings: 5, acrossZeros: 4 } }
};
