export { LEVELS, isFading, mastery, type Evidence, type Level, type Mastery } from './mastery.ts';
export { begun, needsIn, sharesOf, withAnswers, type Belief, type Shares } from './belief.ts';
export { clueOf, logsOf, type Clue, type MarkedResponse, type Response } from './clue.ts';
export { RIGHT_DESPITE_RULE } from './does.ts';
export { foretoldOf, type Foretold } from './foretold.ts';
export { SLIP } from './slip.ts';
export { BESIDE, type Beside } from './beside.ts';
export { NAMING, speaksFor } from './naming.ts';
export { askable } from './askable.ts';
export { tellingTasks } from './next.ts';
export { layAside } from './margins.ts';
export { chanceRight, information, withOutcome } from './telling.ts';
export { NAMED_NEEDS, NEEDS, NEED_OF_RULE, type NamedNeed, type Need } from './needs.ts';
export { DRAWING_STATES, READING_STATES, WRITING_STATES, type PartState } from './parts.ts';
export { beliefOf, beliefsByDay, schoolDaysBetween, weightOfAge } from './over.ts';
export { findReason, judgeChild, type About, type Judged, type Reason, type Shown } from './reason.ts';
export { timeResults, timesOf, type TimeResult } from './times.ts';
export { wrongAnswers, type OneOfMany, type WrongAnswer } from './wrongAnswers.ts';
export type { ConventionChange } from './changedConvention.ts';
export { firstLook, type LookedFor } from './firstLook.ts';
export { skillsOf } from './skillsOf.ts';
export { totalsOf, type Totals } from './totals.ts';
export { historyOf, type DayOfChild } from './history.ts';
export { triedOf, type Deed, type ShownIn, type Tried } from './tried.ts';
export { hiddenRules } from './hidden.ts';
export { judge, judgement, type CountedAnswer, type JudgedAnswer, type Judgement } from './judged.ts';
export {
  childAtCheck,
  createAtCheck,
  summariseCheck,
  type Check,
  type CheckSummary,
  type ChildAtCheck,
} from './summary.ts';
