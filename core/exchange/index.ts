export { namesOf, newNames, readClassList, type ClassList, type NewNames } from './classList.ts';
export { entryText } from './entryText.ts';
export {
  RESULT_FAULTS,
  readResults,
  type NamedChild,
  type ReadResult,
  type ResultFault,
  type Results,
  type UnreadLine,
} from './results.ts';
export { delimiterOf, readTable, writeTable, type Table } from './table.ts';
