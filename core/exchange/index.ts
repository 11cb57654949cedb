export {
  classListWords,
  readClassList,
  type ClassList,
  type ClassListLine,
  type ClassListProblem
} from './class-list';
export { writeCsv } from './csv';
