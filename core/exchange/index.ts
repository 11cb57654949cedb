export {
  classListWords,
  MOST_LINES,
  pupilKey,
  readClassList,
  type ClassList,
  type ClassListLine,
  type ClassListProblem,
  type ListColumn
} from './class-list';
export { byRegister, readName, toldApart, type PupilName } from './names';
export { csvFile, fileName, writeCsv } from './csv';
export { listAsCsv, listAsText, type ListedItem, type ListOptions } from './item-list';
