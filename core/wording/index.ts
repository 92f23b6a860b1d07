export { WRITING_FAULTS, WRITTEN_FORMS, type ParsedWriting, type WritingFault, type WrittenForm } from './faults.ts';
export { parse, quickEntry, type QuickEntry } from './parse.ts';
export {
  NUMBER_FORMS,
  digital,
  digits,
  handName,
  handPlace,
  phrases,
  say,
  sentence,
  type Digits,
  type NumberForm,
  type SpeakingConventions,
} from './say.ts';
export {
  STEP_PARTS,
  readingOrder,
  readingSteps,
  type ReadingConventions,
  type ReadingStep,
  type StepPart,
} from './steps.ts';
export { fill, lookUp, wordsFrom, wordsOf, type Phrase } from './words.ts';
