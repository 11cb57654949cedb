export { listSpace, mapSpace, productSpace, unionSpace, type Space } from './space';
export {
  ACCEPTED,
  acceptsAny,
  automatonSpace,
  countPaths,
  type Column,
  type DigitAutomaton,
  type Visit
} from './automaton';
export { strides, unpack } from './packing';
export { rememberCount, rememberLargest, type Range } from './counter';
export { distinctRanks } from './sample';
export { LARGEST_SEED, partSeed, seededRandom, type RandomGenerator } from './random';
export { DigitSums, type DigitColumn, type SumClass } from './digit-sums';
export { choose, subsetAt } from './subsets';
export { cycleTypes, type Cycles } from './rearrangements';
export { weightedSpace } from './weighted';
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
export { BitRows } from './bit-rows';
