export { LEVELS, chanceAbove, mastery, type Evidence, type Level, type Mastery } from './mastery.ts';
export { WEIGHED_RULES, findReason, posterior, type Fitting, type Reason, type Response } from './reason.ts';
export {
  oclockResults,
  skillsOf,
  summariseCheck,
  type CheckSummary,
  type CountedAnswer,
  type TimeResult,
} from './summary.ts';
