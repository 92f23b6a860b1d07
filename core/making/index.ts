export { faceDistractors } from './distractors.ts';
export { makeBothWays } from './bothWays.ts';
export { makeItem, suits } from './makeItem.ts';
export { WHICH_OF, whichOf } from './whichOf.ts';
export { withTwin } from './twin.ts';
