export {
  MONDAY_TO_FRIDAY,
  WEEKDAYS,
  addDays,
  dayOffAt,
  daysBetween,
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
} from './calendar/calendar.ts';
export {
  PLAN_CHANGES,
  applyChange,
  isDayTaken,
  keepsThePast,
  refusalFor,
  type ChangeContext,
  type ChangeResult,
  type PlanChange,
} from './changing/changes.ts';
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
} from './laying/choices.ts';
export { currentLesson } from './calendar/currentLesson.ts';
export { DECISIONS, DEFAULT_THRESHOLDS, suggestDecision, type Decision, type Thresholds } from './changing/decision.ts';
export { LESSON_KEYS, groupsTaught, ladderOf, lessonTemplate } from './laying/ladder.ts';
export { layUnit } from './laying/layUnit.ts';
export { clockMomentsIn, momentAt, nextMoment, offeredMoments, type RoutineEntry } from './calendar/moments.ts';
export { isOneHanded, recencies, usesIn } from './laying/history.ts';
export { warmUpNow, type CameBack, type WarmUpNow } from './laying/comesBack.ts';
export { holdsRead, practisedIn, skillOfReading, warmUpTimes } from './laying/warmUp.ts';
export { tasksAbout } from './laying/layLesson.ts';
export { itemsAt, spareItems, surpriseItems } from './laying/roundItems.ts';
export { READY_ITEMS, skillOfCheck, thingsOfLesson, wordsOfLesson, type ReadyItem } from './laying/needs.ts';
export { DEFAULT_PACE, itemCount, roundSeconds, type Pace } from './laying/pace.ts';
export {
  calendarOf,
  isFixed,
  isHeld,
  isPast,
  lessonsMet,
  newPlan,
  relaidPlan,
  type Plan,
  type PlanLesson,
} from './changing/plan.ts';
export {
  PART_TASKS,
  contentOfLesson,
  draftOfLesson,
  lessonOfDraft,
  suitsPart,
  type LessonContent,
  type OwnLesson,
  type OwnPart,
} from './changing/ownLesson.ts';
export { PLAN_REFUSALS, type PlanRefusal } from './changing/refusals.ts';
export { TIME_REASONS, reasonsOf, type TimeReason } from './laying/reasons.ts';
export { movedBetween, shiftLater, type Moved, type Wish } from './changing/replan.ts';
export {
  TIME_RULES,
  breaksOf,
  brokenRules,
  standingOf,
  suggestTimes,
  withTime,
  type BrokenRule,
  type Standing,
  type Suggestion,
  type TimeRule,
} from './laying/rules.ts';
export {
  OUTCOMES,
  SEGMENT_KINDS,
  lessonMinutes,
  type Outcome,
  type PlannedLesson,
  type Segment,
  type SegmentKind,
} from './laying/segment.ts';
export { SEGMENT_MINUTES } from './changing/segmentEdits.ts';
export { type Again } from './changing/teachAgain.ts';
export { groupsOf, timesMet } from './laying/history.ts';
