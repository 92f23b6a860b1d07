export { KEPT, OLDEST_DAYS, keptBackups, type Made } from './rule.ts';
