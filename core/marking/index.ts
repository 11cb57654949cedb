export {
  attempts,
  LONGEST_COMMENT,
  noResponse,
  type Attempt,
  type GivenMark,
  type Response
} from './response';
export {
  attemptWords,
  becauseWords,
  flagWords,
  formWords,
  markWords,
  slipWords,
  tooLongWords,
  verdictWords
} from './words';
export { simulate, type SimulatedPupil, type SimulatedScript } from './simulate';
export { markItem, unknownSteps, type MarkedItem, type MarkedStep } from './mark-item';
export { carriesEvidence } from './carries-evidence';
export { readAs, type Working } from './readings';
export type { Verdict } from './step-reading';
export type { Because, MarkLine } from './marks';
export type { Explanation } from './diagnosis';
