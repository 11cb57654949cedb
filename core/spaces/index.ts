export { listSpace, mapSpace, productSpace, ranked, unionSpace, type Space } from './space';
export {
  acceptsAny,
  automatonSpace,
  countPaths,
  ended,
  type Column,
  type DigitAutomaton,
  type Visit
} from './automaton';
export { strides, unpack, vectorsUpTo } from './packing';
export type { Range } from './counter';
export { distinctRanks } from './sample';
export { LARGEST_SEED, partSeed, seededRandom, type RandomGenerator } from './random';
export { DigitSums, joinSums, type DigitColumn, type SumClass } from './digit-sums';
export { arrangementLeaving, arrangementsLeaving } from './arrangements';
export { choose, subsetAt, subsetSpanning, subsetsSpanning, type Spanning } from './subsets';
export { decimalParts, PLACE_COUNTS, type DecimalTally } from './decimal-sets';
export { cycleTypes, type Cycles } from './rearrangements';
export { weightedSpace } from './weighted';
export { bitCount } from './bit-index';
export { gridItems, type Grid } from './grid';
export {
  gradedOne,
  gradedProduct,
  gradedTimes,
  gradedUnion,
  regraded,
  UNWANTED,
  type Graded,
  type Join
} from './graded';
export { Grades } from './grades';
export { NumeralAutomaton, type DigitEffect, type NumeralWork } from './numeral-automaton';
export { keepRecent } from './recent';
export { ITEM_WORK, spend, spendOn, TooMuchWork } from './spending';
export { COUNT_WORK, DRAW_WORK, measureWork, once, tryWithin, withinWork } from './work';
export { Tally, UNMET, type Counter } from './tally';
export {
  automatonItems,
  classItems,
  indexItems,
  itemSpace,
  unionItems,
  type Combination,
  type ItemAutomaton,
  type ItemSpace,
  type Told
} from './item-space';
