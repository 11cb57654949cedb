export {
  cards,
  findCard,
  findListedSkill,
  findPaperCard,
  loadSkills,
  loadWays,
  wrongMethod
} from './registry';
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
