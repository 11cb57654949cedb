export {
  blueprintSchema,
  partKinds,
  type Blueprint,
  type BlueprintRow,
  type Bounds
} from './blueprint';
export { assemble, type Assembled, type AssemblyError, type Totals } from './assemble';
export { type ExamPart } from './exam-part';
export { isPattern, type EmptyRow } from './classes';
export { optionsOf, type Option } from './choice';
export { type PlanConflict } from './conflicts';
export { type Solver } from './model';
export { formsOf, type Forms, type FormsAsked } from './forms';
export {
  coverSchema,
  examSchema,
  type AnswerSpace,
  type Cover,
  type Exam,
  type ExamQuestion,
  type ExamSection,
  type PaperPart
} from './exam-schema';
export { placedParts, withPart, type PlacedPart } from './exam';
export { MOST_EXAM_PARTS, partsIn } from './parts-in';
export { spaceKinds, type SpaceKind } from './space-kinds';
export { emptyCover, examOf, unwritten } from './from-parts';
export {
  allowedMinutes,
  answerLine,
  partFacts,
  partKey,
  partSnapshot,
  partTotals,
  schemeKey,
  schemeOfPart,
  spaceOf,
  type DefaultSchemes,
  type ExamFacts,
  type PartContext,
  type PartFacts,
  type PartSnapshot,
  usualHouse,
  type House,
  type StepGroup
} from './paper-part';
export { notReady, notReadyWords, type NotReady } from './not-ready';
export { alikeIn, type AlikePair, type Likeness } from './alike';
export { examOutline, type ExamOutline, type OutlinedPart } from './outline';
export { checkPlan, type PlanLine } from './plan-check';
export {
  compareForms,
  examOnForm,
  formLabel,
  varyingParts,
  type ExamForm,
  type FormComparison
} from './exam-form';
export {
  codeOf,
  partScheme,
  type PartScheme,
  type SchemeLine,
  type UsualWrong
} from './mark-scheme';
export {
  addPart,
  addSection,
  freshId,
  joinToBefore,
  movePart,
  moveQuestion,
  placeQuestion,
  questionsIn,
  removePart,
  removeSection,
  splitAt,
  withQuestion,
  withSection
} from './edit';
export { planName, planOfExam, planOfPractice } from './plan-of';
export { lineWords } from './line-words';
export { examSnapshots, type FormSnapshot, type SnapshotsAsked } from './form-snapshots';
