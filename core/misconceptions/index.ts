export { consistentRules, explain, isInvisible, isSame, isSameForetold, leadsTo, visibleRules } from './explain.ts';
export { partingPair } from './parting.ts';
export { RULE_HELP, mayComeFromHomeLanguage, type RuleHelp } from './help.ts';
export { DRAWING_RULES, PART_RULES, READING_RULES, WRITING_RULES, WRONG_RULES, type WrongRule } from './names.ts';
export { predict, type Prediction } from './predict.ts';
export { READ as READS_AS } from './reading.ts';
export { hourTolerance, isSameLength, sameHands } from './same.ts';
