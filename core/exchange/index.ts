export { ANSWER_COLUMNS, answerLine, type RecordedAnswer } from './answers.ts';
export { namesOf, newNames, readClassList, type ClassList, type NewNames } from './classList.ts';
export { namesMeet } from './namesMeet.ts';
export { entryText } from './entryText.ts';
export { MASTERY_COLUMNS, OVERVIEW_COLUMNS, masteryTable, overviewTable, type Standing } from './mastery.ts';
export {
  RESULT_FAULTS,
  readResults,
  type NamedChild,
  type ReadResult,
  type ResultFault,
  type Results,
  type UnreadLine,
} from './results.ts';
export { EXTENSIONS, statementOf, type StatementSetting } from './statements.ts';
export { UTF_8_MARK, delimiterOf, readTable, tableLines, writeTable, type Table } from './table.ts';
