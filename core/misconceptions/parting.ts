import { angleBetween, handsApart, type DialTime } from '../clock/index.ts';
import type { Item } from '../items/index.ts';
import { RULE_HELP } from './help.ts';
import type { WrongRule } from './names.ts';
import { predict } from './predict.ts';
import { isInvisible } from './explain.ts';

/** Tasks to which nothing but a time belongs, the one that tells most about reading first. */
const KINDS = ['read', 'write-digital', 'draw', 'set'] as const;
const CLEAR = 30;

/** What a child says or does at a time who follows a rule, as text to be held against another's; "right" where it shows nothing. */
const doneAt = (kind: (typeof KINDS)[number], shown: DialTime, rule: WrongRule): string => {
  const item: Item = { kind, shown };
  if (isInvisible(rule, item)) return 'right';
  const predicted = predict(rule, item);
  return predicted.kind === 'answers' ? JSON.stringify(predicted.own[0]) : 'right';
};
/** The first kind of task in which a rule shows at some time. */
const kindOf = (rule: WrongRule, times: readonly DialTime[]): (typeof KINDS)[number] =>
  KINDS.find((kind) => times.some((time) => doneAt(kind, time, rule) !== 'right')) ?? 'read';

/**
 * Two times to be put side by side: at both what the likelier of two rules leads to differs from right and from what the other leads to.
 * The pair that is kept for the likelier rule comes first where it does that; otherwise a time whose hands stand square, and the farthest
 * from it round the clock.
 * @param rules the likeliest first, one or two @param times that may be shown
 * @returns none where no two times do it
 */
export const partingPair = (
  [rule, other]: readonly WrongRule[],
  times: readonly DialTime[],
): readonly [DialTime, DialTime] | undefined => {
  if (rule === undefined) return undefined;
  const kind = kindOf(rule, times);
  const parts = (time: DialTime): boolean => {
    const done = doneAt(kind, time, rule);
    return done !== 'right' && (other === undefined || done !== doneAt(kind, time, other));
  };
  const { contrast } = RULE_HELP[rule];
  if (contrast.every((time) => times.includes(time)) && contrast.some(parts)) return contrast;
  const square = (time: DialTime): number => Math.abs(handsApart(time) - 90);
  const clear = times
    .filter((time) => parts(time) && handsApart(time) >= CLEAR)
    .sort((a, b) => square(a) - square(b) || a - b);
  const [first] = clear;
  if (first === undefined) return undefined;
  const turned = (time: DialTime): number => angleBetween(time / 2, first / 2);
  const second = clear.reduce((far, time) => (turned(time) > turned(far) ? time : far), first);
  return second === first ? undefined : [first, second];
};
