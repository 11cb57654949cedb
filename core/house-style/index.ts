export { defaultHouseStyle, houseStyleConflict, type HouseStyle } from './house-style';
export { houseStyleSchema } from './schema';
export { takingWords, type TakingWords } from './taking';
export { segmentsOf, type Segment } from './segments';
export { placeHeading, placeName, writeNumeral, writeText } from './numerals';
