export { WRONG_RULES, explain, isInvisible, predict, type WrongRule } from './rules.ts';
