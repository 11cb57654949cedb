export { rungWords } from './words';
export {
  controlsSchema,
  paperSchema,
  rungKinds,
  type Paper,
  type PaperItem,
  type Rung
} from './paper';
export {
  fromPlans,
  isMarked,
  redrawRung,
  replaceItem,
  startLadder,
  type LadderResult
} from './ladder';
export { outline, schemeOf, type NumberedItem, type Outline } from './outline';
export { followUp } from './follow-up';
