export {
  cards,
  findCard,
  findListedSkill,
  findPaperCard,
  loadSkills,
  loadWays,
  tellIn,
  wrongMethod,
  type OwnContexts
} from './registry';
export { tryContext, type ContextTrial } from './try-context';
export type { Context, ContextProblem } from '../skills/problems/word-problem';
export { OWN_QUESTION } from '../skills/own-question/card';
export {
  describeSkill,
  featureTitle,
  type DescribedFeature,
  type SkillDescription
} from './description';
export { findByWords, listed, type ListedSkill } from './search';
export { suitability, type StrategyCost, type Suitability } from './suitability';
export { allStrategiesOf, strategiesOf, type Strategy } from './strategies';
