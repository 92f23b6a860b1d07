export { WRITING_FAULTS, WRITTEN_FORMS, type ParsedWriting, type WritingFault, type WrittenForm } from './faults.ts';
export { hourCaption, minuteCaption } from './captions.ts';
export { hourInWords, parse, quickEntry, type QuickEntry } from './parse.ts';
export {
  digital,
  digits,
  handName,
  handPlace,
  phrases,
  say,
  sayInParts,
  sayMixed,
  sentence,
  type Digits,
  type SayingConventions,
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
export { readingQuestions, type ReadingQuestion } from './questions.ts';
export { fill, type Phrase } from './phrase.ts';
