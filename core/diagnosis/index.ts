export { LEVELS, isFading, mastery, type Evidence, type Level, type Mastery } from './mastery.ts';
export { begun, needsIn, sharesOf, withAnswers, type Belief, type Shares } from './belief.ts';
export { clueOf, logsOf, type Clue, type MarkedResponse, type Response } from './clue.ts';
export { RIGHT_DESPITE_RULE } from './does.ts';
export { foretoldOf, type Foretold } from './foretold.ts';
export { SLIP } from './slip.ts';
export { BESIDE, type Beside } from './beside.ts';
export { NAMING } from './naming.ts';
export { askable } from './askable.ts';
export { tellingTasks } from './next.ts';
export { chanceRight, information, withOutcome } from './telling.ts';
export { NEEDS, NEED_OF_RULE, type NamedNeed, type Need } from './needs.ts';
export { beliefOf, schoolDaysBetween, weightOfAge } from './over.ts';
export { findReason, judgeChild, type About, type Judged, type Reason, type Shown } from './reason.ts';
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
