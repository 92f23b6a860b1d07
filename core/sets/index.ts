export { mixedTimes } from './mixed.ts';
export { chooseTimes, fitsAt, type SetWishes } from './chooseTimes.ts';
export { cleanExamples, contrastExamples } from './examples.ts';
export { TIMES_OF_GROUP, TIME_GROUPS, groupOfTime, isHardTime, type TimeGroup } from './groups.ts';
export { areNeighbours, askedOrder, hasCountingOrder, isCleanExample, laterHalf } from './order.ts';
