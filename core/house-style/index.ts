export {
  defaultHouseStyle,
  houseStyleConflict,
  houseStyleSchema,
  type HouseStyle
} from './house-style';
export { placeHeading, placeName, writeNumeral, writeText } from './numerals';
