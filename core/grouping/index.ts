export { groupsAfter, planOf, withOrdinals, type CheckGroup, type CheckGroups, type StoodAtCheck } from './groups.ts';
export { ownWork, type OwnWork } from './ownWork.ts';
export { GROUP_MINUTES, GROUP_TIMES, type GroupPlan } from './plan.ts';
export { FEWEST_IN_GROUP, GROUP_SIZE, MOST_GROUPS } from './limits.ts';
export { type Kept, type Pair } from './solve.ts';
export { TOPICS, benefitOf, topicFor, type Topic } from './topics.ts';
