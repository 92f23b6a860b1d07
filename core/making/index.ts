export { makeBothWays } from './bothWays.ts';
export { makeItem, suits } from './makeItem.ts';
export { withTwin } from './twin.ts';
