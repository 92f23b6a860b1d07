export {
  DEFAULT_CONVENTIONS,
  DIGITAL_FORMS,
  ENGLISHES,
  FIRST_READ,
  HAND_NAMES,
  type Conventions,
} from './conventions.ts';
export { digital, digits, handName, handPlace, say, type Digits, type Phrase } from './say.ts';
export { readingSteps, type ReadingStep } from './steps.ts';
