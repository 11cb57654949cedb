export { findSkill, skillOf, skills } from './registry';
export type {
  ErrorPattern,
  Family,
  Operation,
  RungKind,
  RungPlan,
  Skill,
  SkillWords
} from './skill';
export type { FeatureSpec, FeatureValue, Features } from './features';
export {
  constraintsOf,
  meets,
  readControls,
  type Constraints,
  type Control,
  type Controls,
  type InvalidControl
} from './controls';
export { explainEmpty, type Conflict } from './conflict';
export { drawItems, drawWhere, type DrawError, type DrawRequest, type DrawResult } from './draw';
export {
  analyseItem,
  evaluatePattern,
  patternKey,
  patternsIn,
  showingPatterns,
  type Item,
  type ItemStep,
  schoolOf
} from './item';
export { suitability, type StrategyCost, type Suitability } from './suitability';
export { predict, type Weights } from './weights';
export { familyWords, findByWords } from './families';
