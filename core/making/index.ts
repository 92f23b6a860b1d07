export { makeBothWays } from './bothWays.ts';
export { makeItem, suits } from './makeItem.ts';
export { FORMS, WHICH_OF, whichOf, type ClockOption, type Form } from './whichOf.ts';
export { withTwin } from './twin.ts';
