export { defaultHouseStyle, houseStyleConflict, type HouseStyle } from './house-style';
export { usualAdvice, type Advice } from './advice';
export { houseStyleSchema } from './schema';
export { takingWords, type TakingWords } from './taking';
export { busStop, segmentsOf, spoken, type Segment } from './segments';
export { divideSign, timesSign, withSigns } from './signs';
export { placeHeading, placeName, writeNumeral, writeText } from './numerals';
export { typedLine, typedRuns, type TypedRun } from './typed-maths';
