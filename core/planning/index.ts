export {
  MONDAY_TO_FRIDAY,
  WEEKDAYS,
  addDays,
  dayOffAt,
  isDay,
  isTeachingDay,
  mondayOf,
  schoolDayFrom,
  teachingDayFrom,
  teachingDays,
  weekday,
  type Day,
  type DayOff,
  type SchoolCalendar,
  type Weekday,
} from './calendar.ts';
export {
  PLAN_CHANGES,
  applyChange,
  keepsThePast,
  type ChangeContext,
  type ChangeResult,
  type PlanChange,
} from './changes.ts';
export {
  CLASS_LEVELS,
  LESSON_MINUTES,
  MEDIA,
  MOST_LESSONS,
  defaultChoices,
  sortedDaysOff,
  toggleWeekday,
  type ClassLevel,
  type Medium,
  type UnitChoices,
} from './choices.ts';
export { currentLesson } from './currentLesson.ts';
export { DECISIONS, DEFAULT_THRESHOLDS, suggestDecision, type Decision, type Thresholds } from './decision.ts';
export { LESSON_KEYS, groupsTaught, ladderOf } from './ladder.ts';
export { layUnit } from './layUnit.ts';
export { clockMomentsIn, momentAt, nextMoment, offeredMoments, type RoutineEntry } from './moments.ts';
export { itemsAt, spareItems, surpriseItems } from './roundItems.ts';
export { READY_ITEMS, skillOfCheck, thingsOfLesson, wordsOfLesson, type ReadyItem } from './needs.ts';
export { DEFAULT_PACE, itemCount, roundSeconds, type Pace } from './pace.ts';
export { calendarOf, isFixed, isPast, newPlan, relaidPlan, type Plan, type PlanLesson } from './plan.ts';
export { PLAN_REFUSALS, type PlanRefusal } from './refusals.ts';
export { TIME_REASONS, reasonsOf, type TimeReason } from './reasons.ts';
export { movedBetween, shiftLater, type Moved, type Wish } from './replan.ts';
export {
  TIME_RULES,
  brokenRules,
  standingOf,
  suggestTimes,
  withTime,
  type BrokenRule,
  type Standing,
  type Suggestion,
  type TimeRule,
} from './rules.ts';
export { SEGMENT_KINDS, lessonMinutes, type PlannedLesson, type Segment, type SegmentKind } from './segment.ts';
export { SEGMENT_MINUTES } from './segmentEdits.ts';
export { type Again } from './teachAgain.ts';
export { groupsOf, timesMet } from './history.ts';
