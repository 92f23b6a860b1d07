export { AS_MUCH, asMuchAs, bestSwap, bettered, type Choice, type Swap } from './choosing.ts';
export { whatItFinds, type Finds } from './finds.ts';
export { informationOf } from './parting.ts';
export { FINDING_STATES, likelyOf, type FindingState, type Likely } from './states.ts';
