import {
  factorsOfPair,
  splitting,
  wholeOfPair,
  type Method,
  type Pair,
  type Splitting
} from '../splitting';

/** The pair alone. */
export function productAndSum(split: Splitting): Method {
  return {
    steps: [],
    factors: splitting(split, ['pair'], ([a], pair: Pair) => factorsOfPair(a, pair)),
    whole: splitting(split, ['pair'], ([a], pair: Pair) => wholeOfPair(a, pair))
  };
}
