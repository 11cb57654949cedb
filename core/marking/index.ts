export { becauseWords, flagWords, formWords, markWords, slipWords, verdictWords } from './words';
export { simulate, type SimulatedPupil, type SimulatedScript } from './simulate';
export {
  markItem,
  unknownSteps,
  type MarkedItem,
  type MarkedStep,
  type MarkRequest
} from './mark-item';
export type { Verdict, Working } from './readings';
export type { Because, MarkLine } from './marks';
export type { Explanation } from './diagnosis';
export { availableMarks, schemeSchema, type Mark, type Scheme } from './scheme';
