export {
  cards,
  findCard,
  findListedSkill,
  findPaperCard,
  loadSkills,
  loadWays,
  wrongMethod
} from './registry';
export { OWN_QUESTION } from './own-question/card';
export { findSkill, skillOf } from './loaded';
export {
  familyWords,
  isOfShortItems,
  schoolIn,
  type Family,
  type Operation,
  type SkillCard
} from './card';
export { titleIn, type FeatureSpec, type FeatureValue, type Features } from './feature';
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
export { Wanted } from './wanted';
export { blockedBy, explainEmpty, type Blocked, type Conflict } from './conflict';
export { drawItems, drawWhere, type DrawError, type DrawRequest, type DrawResult } from './draw';
export { WorkedItem } from './worked';
export { analyseItem, itemOf, patternKey, splitPatternKey, type Item, type ItemStep } from './item';
export {
  describeSkill,
  featureTitle,
  type DescribedFeature,
  type SkillDescription
} from './description';
export { findByWords, listed, type ListedSkill } from './find';
export { viewItem, type ItemView, type ViewedStep } from './view';
export { suitability, type StrategyCost, type Suitability } from './suitability';
export { allWaysOf, waysOf, type Way } from './ways';
export { choiceAmong, takenBy, type Choice } from './choice';
export { readSum } from './read-sum';
export type { Sum } from './sum';
export { countSuiting, type Suiting } from './suiting';
export { difficultyOf, secondsOf, type Weights } from './weights';
