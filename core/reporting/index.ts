export { describeAnswer, describeItem } from './describe.ts';
export { findingSentence } from './findingSentence.ts';
export { RULE_TEXTS, ruleText } from './ruleText.ts';
export { teacherSentence } from './teacherWords.ts';
