export { addDays, isDay, isSchoolDay, schoolDayFrom, weekday, type Day } from './calendar.ts';
export { currentLesson } from './currentLesson.ts';
export { DECISIONS, DECISION_SHARES, suggestDecision, type Decision } from './decision.ts';
export { lessonContent, READY_ITEMS, type LessonContent, type ReadyItem } from './lessonContent.ts';
export { SEGMENT_KINDS, UNIT, type LessonTemplate, type SegmentKind } from './templates.ts';
export { layUnit, lessonMinutes, type PlannedLesson, type Segment } from './unit.ts';
