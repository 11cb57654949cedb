export { boundariesAsShares, gradeOf, type Boundary } from './grades';
export { needsOf } from './needs';
export {
  countedMarks,
  countedOutcome,
  withdrawals,
  type FirstSlip,
  type MarkedOutcome,
  type Outcome,
  type Withdrawal
} from './outcome';
export { type MarkedScript, type ResultPupil, type ShownOutcome } from './pupil';
export { resultsOf, type ResultItem, type Results, type SkillSummary } from './results';
export type { SatPart } from './sat-part';
