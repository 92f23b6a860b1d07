export { makeBothWays } from './bothWays.ts';
export { chooseTimes, fitsAt, type SetWishes } from './chooseTimes.ts';
export { cleanExamples, contrastExamples } from './examples.ts';
export { TIMES_OF_GROUP, TIME_GROUPS, groupOfTime, isHardTime, type TimeGroup } from './groups.ts';
export { makeItem, suits } from './makeItem.ts';
export { areNeighbours, hasCountingOrder, isCleanExample, laterHalf } from './order.ts';
export { withTwin } from './twin.ts';
