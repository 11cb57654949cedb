export {
  accuracy,
  ALL_STEPS,
  covers,
  independent,
  isAnswerOnly,
  method,
  methodAndAnswer,
  schemeOf
} from './build';
export { availableMarks, type Mark, type Scheme } from './scheme';
export { schemeSchema } from './schema';
