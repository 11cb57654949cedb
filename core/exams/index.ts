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
