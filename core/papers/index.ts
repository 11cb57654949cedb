export { rungWords } from './words';
export { isMarked, rungKinds, spreadCount, unmarkedKinds } from './kinds';
export {
  controlsSchema,
  paperSchema,
  printable,
  rungSchema,
  type Paper,
  type PaperItem,
  type Rung,
  type Spread
} from './paper';
export { fitToRamp, rampOf, wantedAlong, type Fitted } from './fit';
export { addRung, redrawRung, replaceItem, type LadderResult } from './ladder';
export { fromPlans, startLadder, type PaperPlan } from './start';
export { withToldRung } from './told-rung';
export { paperMinutes } from './minutes';
export { outline, outlineFrom, type NumberedItem, type Outline, type PatternIds } from './outline';
export { factsIn, factsKey, factsOf, schemeOf, type Facts, type ItemFacts } from './facts';
export { keyText, snapshotOf, snapshotPicture, type Printed, type Snapshot } from './snapshot';
export { problemsIn, problemsOfRung, type PaperProblem } from './problems';
export { withFacts, type Drawn } from './drawn';
export { followUp } from './follow-up';
export { practiceFor, type Need, type PracticeOptions } from './practice';
