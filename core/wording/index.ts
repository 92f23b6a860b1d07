export {
  DEFAULT_CONVENTIONS,
  DIGITAL_FORMS,
  ENGLISHES,
  FIRST_READ,
  HALF_PAST_HANDS,
  HALF_PAST_PHRASES,
  HAND_NAMES,
  HOUR_FINDING,
  MINUTE_SUPPORTS,
  OTHER_FORMS,
  TEACHING_ORDERS,
  type Conventions,
  type DigitalForm,
  type English,
} from './conventions.ts';
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
