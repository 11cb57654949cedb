export { certaintyOf, likelyPatterns } from './likely';
export { defaultEvidenceModel, type EvidenceModel } from './evidence-model';
export {
  patternEvidence,
  pupilEvidence,
  type Observation,
  type PatternEvidence,
  type PupilEvidence,
  type UnknownError
} from './pattern-evidence';
export { revealed, type ItemAnswers, type Revealed } from './revealed';
