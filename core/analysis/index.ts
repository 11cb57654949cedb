export { likelyPatterns } from './likely';
export {
  defaultEvidenceModel,
  patternEvidence,
  type EvidenceModel,
  type Observation,
  type PatternEvidence
} from './pattern-evidence';
export { revealed, type ItemAnswers, type Revealed } from './revealed';
