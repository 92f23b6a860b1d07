export { GRADES, TO_COME_BACK, cameUp, holdsOn, type Grade, type Memory } from './memory.ts';
export {
  USUAL_SHARES,
  gradeOf,
  reviewsOf,
  tallyOf,
  type RecallAnswer,
  type Review,
  type Shares,
  type Tally,
  type Thing,
} from './reviews.ts';
export { dueOn, holdsAt, recallOf, recallOfTallies, type Practised, type Recall } from './recall.ts';
