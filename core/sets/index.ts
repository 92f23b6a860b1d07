export { contrastOf, makeItem } from './makeItem.ts';
export { chooseOclockSet, hasCountingOrder, isCleanExample } from './oclockSet.ts';
