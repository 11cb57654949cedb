export { spreadAnswer } from './spread';
export {
  emptyPicture,
  isStruck,
  pictureOf,
  textIn,
  type Picture,
  type PictureMark
} from './picture';
export { signedNumber, wholeNumber, type Reading, type Value } from './value';
export {
  ANSWER,
  evaluate,
  exchanged,
  formCodes,
  isModelled,
  isShown,
  modelledTexts,
  isSilent,
  printValue,
  replaceRules,
  sameValue,
  stepOf,
  valuesOf,
  type FormCode,
  type Get,
  type Graph,
  type Replacement,
  type Rule,
  type Step,
  type Symmetry,
  type Values
} from './graph';
export { gapSteps } from './gaps';
export { liveSteps } from './live';
export {
  cellOf,
  printedCell,
  squareCell,
  type Arc,
  type Cell,
  type Layout,
  type Line,
  type PrintedCell,
  type StepCell
} from './layout';
export { map, whole } from './rules';
