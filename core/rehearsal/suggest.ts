import { answeredTime, type ReadAnswer } from '../answers/index.ts';
import { sameAnswerKey } from '../asking/index.ts';
import type { DialTime } from '../clock/index.ts';
import type { Lens } from '../face/index.ts';
import { timeOfItem, type Item } from '../items/index.ts';
import type { Verdict } from '../marking/index.ts';
import { RULE_HELP, explain, partingPair, type WrongRule } from '../misconceptions/index.ts';

/** What could be said or shown after a task. */
export interface Suggestion {
  /** Answers that could be read, and how many of them were not right. */
  readonly answered: number;
  readonly missed: number;
  /** The commonest wrong answer and how many gave it; none where no two alike. */
  readonly same: { readonly read: ReadAnswer; readonly count: number } | undefined;
  /** What most of the wrong answers fit with, and the lens that shows it; none where nothing does. */
  readonly rule: WrongRule | undefined;
  readonly lens: Lens | undefined;
  /** Two times side by side: those that show the rule, otherwise what was asked beside what several made of it. */
  readonly contrast: readonly [DialTime, DialTime] | undefined;
}

/** So many children must have answered alike for it to be more than chance. */
const ALIKE = 2;

const commonest = <T>(all: readonly T[]): { readonly one: T; readonly count: number } | undefined => {
  const counts = new Map<T, number>();
  for (const one of all) counts.set(one, (counts.get(one) ?? 0) + 1);
  return [...counts].map(([one, count]) => ({ one, count })).sort((a, b) => b.count - a.count)[0];
};

/** What was asked beside the time that was made of it; none where it was no other time. */
const askedBeside = (item: Item, read: ReadAnswer | undefined): readonly [DialTime, DialTime] | undefined => {
  const asked = timeOfItem(item);
  const made = read && answeredTime(read);
  return asked === undefined || made === undefined || asked === made ? undefined : [asked, made];
};

/**
 * What speaks for what next, from the answers of a class to one task.
 * @param met times the class has met: nothing else is shown
 */
export const suggestNext = (
  item: Item,
  answers: readonly { readonly read: ReadAnswer; readonly verdict: Verdict }[],
  met: readonly DialTime[],
): Suggestion => {
  const readable = answers.filter(({ verdict }) => verdict !== 'unreadable');
  const wrong = readable.filter(({ verdict }) => verdict !== 'right');
  const key = commonest(wrong.map(({ read }) => sameAnswerKey(read)));
  const alike =
    key !== undefined && key.count >= ALIKE ? wrong.find(({ read }) => sameAnswerKey(read) === key.one) : undefined;
  const fitting = commonest(wrong.flatMap(({ read }) => explain(item, read)));
  const rule =
    fitting !== undefined && fitting.count >= ALIKE && 2 * fitting.count >= wrong.length ? fitting.one : undefined;
  return {
    answered: readable.length,
    missed: wrong.length,
    same: alike && { read: alike.read, count: key!.count },
    rule,
    lens: rule && RULE_HELP[rule].lens,
    contrast:
      rule === undefined ? askedBeside(item, alike?.read) : (partingPair([rule], met) ?? RULE_HELP[rule].contrast),
  };
};
