export { readAcross, spreadAnswer } from './spread';
export {
  emptyPicture,
  isStruck,
  pictureOf,
  textIn,
  type Picture,
  type PictureMark
} from './picture';
export {
  ANSWER,
  evaluate,
  exchanged,
  graphOf,
  isModelled,
  isShown,
  modelledTexts,
  isSilent,
  printValue,
  replaceRules,
  sameValue,
  stepOf,
  swaps,
  usersOf,
  valuesOf,
  writtenValue,
  type Get,
  type Graph,
  type Replacement,
  type Replacements,
  type Rule,
  type Step,
  type Symmetry,
  type Total,
  type Values
} from './graph';
export { gapSteps } from './gaps';
export { liveSteps } from './live';
export {
  cellOf,
  printedCell,
  spacedFigures,
  squareCell,
  type Arc,
  type Cell,
  type Layout,
  type Line,
  type PrintedCell,
  type StepCell
} from './layout';
export { withFurtherLines } from './further';
export {
  constant,
  rulesOf,
  changing,
  seeing,
  step,
  factsBeside,
  parting,
  stepOn,
  unwrittenAt,
  using,
  usingAny,
  usingValues,
  type StepMore
} from './step';
export { capital, stepWords, worded, type StepWords, type Wording } from './words';
export { crossSheet } from './sheets/cross';
export { chainSheet, withLines, type Piece } from './sheets/chain';
export {
  carryingFrame,
  columnFrame,
  corner,
  printedDecimal,
  printedDigits
} from './sheets/columns';
export { FractionSheet } from './sheets/fractions';
export { bridgeSheet, jumpsSheet } from './sheets/jumps';
export { LinesSheet } from './sheets/lines';
export { divisionFrame, divisionLines, type DivisionFrame } from './sheets/division';
