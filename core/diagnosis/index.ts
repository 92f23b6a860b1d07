export { LEVELS, chanceAbove, mastery, type Evidence, type Level, type Mastery } from './mastery.ts';
export {
  ANSWERING_STATES,
  RIGHT_DESPITE_RULE,
  SLIP,
  weighed,
  type AnsweringState,
  type Response,
} from './likelihood.ts';
export {
  WEIGHED_RULES,
  clueOf,
  findReason,
  posterior,
  type Clue,
  type Fitting,
  type MarkedResponse,
  type Reason,
} from './reason.ts';
export { judge, judgement, type CountedAnswer, type JudgedAnswer, type Judgement } from './judged.ts';
export {
  childAtCheck,
  oclockOf,
  oclockResults,
  skillsOf,
  summariseCheck,
  type Check,
  type CheckSummary,
  type ChildAtCheck,
  type TimeResult,
} from './summary.ts';
