export {
  defaultHouseStyle,
  houseStyleConflict,
  houseStyleSchema,
  type HouseStyle
} from './house-style';
export { takingWords, type TakingWords } from './taking';
export { segmentsOf, type Segment } from './segments';
export { placeHeading, placeName, writeNumeral, writeText } from './numerals';
