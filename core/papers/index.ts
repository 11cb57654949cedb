export { rungWords } from './words';
export {
  controlsSchema,
  paperSchema,
  rungKinds,
  spreadCount,
  type Paper,
  type PaperItem,
  type Rung,
  type Spread
} from './paper';
export {
  fromPlans,
  isMarked,
  unmarkedKinds,
  redrawRung,
  replaceItem,
  startLadder,
  type LadderResult,
  type PaperPlan
} from './ladder';
export { outline, schemeOf, type NumberedItem, type Outline } from './outline';
export { followUp } from './follow-up';
