export { LEVELS, chanceAbove, mastery, type Evidence, type Level, type Mastery } from './mastery.ts';
export {
  ANSWERING_STATES,
  RIGHT_DESPITE_RULE,
  SLIP,
  weighed,
  type AnsweringState,
  type Response,
} from './likelihood.ts';
export { WEIGHED_RULES, findReason, posterior, type Fitting, type Reason } from './reason.ts';
export {
  oclockResults,
  skillsOf,
  summariseCheck,
  type CheckSummary,
  type CountedAnswer,
  type TimeResult,
} from './summary.ts';
