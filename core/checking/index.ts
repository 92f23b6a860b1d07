export { echoOf, readEntry, type Entry, type EntryContext } from './entry.ts';
export { commonRules, suspectedRules, suspectedWith } from './likely.ts';
export { MOST_OFFERS, offersOf, type Offer, type OfferContext } from './offers.ts';
export {
  againstTablets,
  fittingTogether,
  hardestTask,
  taskResults,
  type CountedMark,
  type FittingTogether,
  type PaperAndTablet,
  type TaskResult,
} from './summary.ts';
export {
  WALKS,
  afterMark,
  firstPlace,
  goneOn,
  nextChild,
  stepped,
  type Direction,
  type PilePlace,
  type Walk,
  type WalkedRow,
} from './walk.ts';
