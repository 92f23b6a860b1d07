export { describeAnswer, describeItem } from './describe.ts';
export { findingSentence } from './findingSentence.ts';
export { groupName, topicName } from './groupName.ts';
export {
  clockWord,
  lessonICan,
  lessonTitle,
  cameBackSentence,
  planDeedWords,
  readyText,
  segmentText,
  segmentTitle,
  segmentWho,
  timeReasonSentence,
  timeRuleSentence,
  type PlanDeed,
} from './planWords.ts';
export { NEED_TEXTS, RULE_TEXTS, needText, ruleText } from './ruleText.ts';
export { levelWord, skillGroupName, skillICan, skillShort } from './skillWords.ts';
export { teacherSentence } from './teacherWords.ts';
