import { readAnswer, type ReadAnswer } from '../answers/index.ts';
import { DEFAULT_CONVENTIONS, type Conventions } from '../conventions/index.ts';
import type { Answer, Item } from '../items/index.ts';
import { explain, isSame, leadsTo, type WrongRule } from '../misconceptions/index.ts';
import type { Marking } from './findings.ts';
import { mark, readAndMark } from './mark.ts';

/** An answer as a child gives it, read first: tests hand on what children give, and never what a reader makes of it. */
export const asRead = (answer: Answer, conventions: Conventions = DEFAULT_CONVENTIONS): ReadAnswer =>
  readAnswer(answer, conventions);

export const markGiven = (item: Item, answer: Answer, conventions: Conventions = DEFAULT_CONVENTIONS): Marking =>
  mark(item, asRead(answer, conventions), conventions);
export const explainGiven = (item: Item, answer: Answer): WrongRule[] => explain(item, asRead(answer));
export const leadsToGiven = (rule: WrongRule, item: Item, answer: Answer): boolean =>
  leadsTo(rule, item, asRead(answer));
export const isSameGiven = (item: Item, given: Answer, foretold: Answer): boolean =>
  isSame(item, asRead(given), foretold);

/** All that is kept of an answer. */
export const response = <I extends Item>(item: I, answer: Answer, conventions: Conventions = DEFAULT_CONVENTIONS) => {
  const { read, verdict, findings } = readAndMark(item, answer, conventions);
  return { item, answer, read, verdict, findings };
};
