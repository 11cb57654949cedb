export { defaultHouseStyle, houseStyleConflict, type HouseStyle } from './house-style';
export { usualAdvice, type Advice } from './advice';
export { houseStyleSchema, timingSchema } from './schema';
export {
  secondsOnPaper,
  timedKinds,
  usualTiming,
  workingAlone,
  type TimedKind,
  type TimeWeight,
  type Timing
} from './timing';
export { takingWords, type TakingWords } from './taking';
export { busStop, segmentsOf, spoken, type Segment } from './segments';
export { divideSign, timesSign, withSigns } from './signs';
export { placeHeading, placeName, writeNumeral, writeText } from './numerals';
export { typedLine, typedRuns, type TypedRun } from './typed-maths';
