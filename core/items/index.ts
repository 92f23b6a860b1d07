export { CLOCK_PARTS, ITEM_KINDS, skillOfItem, type Answer, type ClockPart, type Item, type ItemKind } from './item.ts';
export { startingTime } from './start.ts';
