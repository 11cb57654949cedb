export { findSkill, skillOf } from './loaded';
export {
  familyWords,
  isInHead,
  isOfShortItems,
  schoolIn,
  type Family,
  type Operation,
  type SkillCard
} from './card';
export {
  isUnusual,
  openFeatures,
  titleIn,
  type FeatureSpec,
  type FeatureValue,
  type Features
} from './feature';
export {
  itemsUnder,
  patternsIn,
  type ErrorPattern,
  type RungKind,
  type RungPlan,
  type Skill,
  type Asking
} from './skill';
export {
  meets,
  readControls,
  type Constraints,
  type Control,
  type Controls,
  type InvalidControl
} from './controls';
export { Wanted } from './request';
export { blockedBy, explainEmpty, type Blocked, type Conflict } from './explain-empty';
export { drawEvenly } from './draw-evenly';
export {
  drawItems,
  drawWhere,
  meetsControls,
  type DrawError,
  type DrawRequest,
  type DrawResult
} from './draw';
export { WorkedItem } from './worked-item';
export { analyseItem, itemOf, patternKey, splitPatternKey, type Item, type ItemStep } from './item';
export { modelsOf, viewItem, type ItemView, type Models, type ViewedStep } from './view';
export { readCalculation } from './given/read-calculation';
export type { Calculation } from './given/calculation';
export { countSuiting, type Suiting } from './count-suited';
export { difficultyOf, secondsOf, type Weights } from './prediction';
