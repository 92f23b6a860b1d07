export { chooseOclockSet, hasCountingOrder, isCleanExample } from './oclockSet.ts';
