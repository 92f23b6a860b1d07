import type { WrongRule } from '../misconceptions/index.ts';
import type { JudgedAnswer } from './judged.ts';
import type { Shown } from './reason.ts';

/** A wrong answer that was given by some, as often as it was. */
export interface WrongAnswer {
  /** As it was given last. */
  readonly shown: Shown;
  /** How often it was given. */
  readonly count: number;
  /** Who gave it, in class order. */
  readonly childIds: readonly number[];
  /** What the likeliest of them do who gave it; none where no rule leads to it. */
  readonly rule: WrongRule | undefined;
}

/** A child with its answers, and how likely it follows each rule. */
export interface OneOfMany {
  readonly childId: number;
  readonly answers: readonly Pick<JudgedAnswer, 'given' | 'fits' | 'day'>[];
  readonly rules: Readonly<Record<WrongRule, number>>;
}

interface Group {
  shown: Shown;
  day: string;
  count: number;
  readonly childIds: Set<number>;
  readonly rules: Map<WrongRule, number>;
}

/**
 * Which wrong answers came how often, the most frequent first.
 * @param children in class order, each with the answers that are looked at @param saidAs two answers said alike are one
 */
export const wrongAnswers = (children: readonly OneOfMany[], saidAs: (shown: Shown) => string): WrongAnswer[] => {
  const groups = new Map<string, Group>();
  for (const { childId, answers, rules } of children)
    for (const { given, fits, day } of answers) {
      if (given === undefined) continue;
      const key = saidAs(given);
      const group = groups.get(key) ?? { shown: given, day, count: 0, childIds: new Set(), rules: new Map() };
      groups.set(key, group);
      group.count += 1;
      group.childIds.add(childId);
      if (day >= group.day) Object.assign(group, { shown: given, day });
      for (const rule of fits) group.rules.set(rule, (group.rules.get(rule) ?? 0) + rules[rule]);
    }
  const likeliest = ({ rules }: Group): WrongRule | undefined => [...rules].sort((a, b) => b[1] - a[1])[0]?.[0];
  return [...groups.values()]
    .map((group) => ({
      shown: group.shown,
      count: group.count,
      childIds: [...group.childIds],
      rule: likeliest(group),
    }))
    .sort((a, b) => b.count - a.count || b.childIds.length - a.childIds.length);
};
