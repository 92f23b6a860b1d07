import { isOclock, type DialTime } from '../clock/index.ts';
import { type Answer, type Item } from '../items/index.ts';
import { skillOfItem, type Skill } from '../skills/index.ts';
import type { Verdict } from '../marking/index.ts';
import { mastery, type Level, type Mastery } from './mastery.ts';
import { WEIGHED_RULES, findReason, type Reason } from './reason.ts';

/** An answer of the record that counts, oldest first in every list. */
export interface CountedAnswer {
  readonly childId: number;
  readonly lessonId: number;
  readonly item: Item;
  readonly answer: Answer;
  readonly verdict: Verdict;
  /** School day, YYYY-MM-DD. */
  readonly day: string;
}

/** How far one child has come in every skill seen so far. @param answers of that child alone */
export const skillsOf = (answers: readonly CountedAnswer[]): Partial<Record<Skill, Mastery>> => {
  const bySkill = new Map<Skill, CountedAnswer[]>();
  for (const answer of answers) {
    const skill = skillOfItem(answer.item);
    bySkill.set(skill, [...(bySkill.get(skill) ?? []), answer]);
  }
  return Object.fromEntries([...bySkill].map(([skill, evidence]) => [skill, mastery(evidence)]));
};

/** How one o'clock time went in the class. */
export interface TimeResult {
  readonly time: DialTime;
  /** Children who were asked it. */
  readonly children: number;
  /** Of these, children whose latest answer to it was right. */
  readonly childrenRight: number;
}

/** How each o'clock time that was asked (to read or to set) went, in dial order; each child counts once a time. */
export const oclockResults = (answers: readonly CountedAnswer[]): TimeResult[] => {
  const latest = new Map<DialTime, Map<number, boolean>>();
  for (const { item, childId, verdict } of answers) {
    if ((item.kind !== 'read' && item.kind !== 'set') || !isOclock(item.shown) || verdict === 'unreadable') continue;
    if (!latest.has(item.shown)) latest.set(item.shown, new Map());
    latest.get(item.shown)!.set(childId, verdict === 'right');
  }
  return [...latest]
    .sort(([a], [b]) => a - b)
    .map(([time, children]) => ({
      time,
      children: children.size,
      childrenRight: [...children.values()].filter(Boolean).length,
    }));
};

/** What a check said about the class. */
export interface CheckSummary {
  /** One level a child, in the order of the children given. */
  readonly levels: readonly { readonly childId: number; readonly level: Level }[];
  /** Children without an answer in the check itself. */
  readonly away: readonly number[];
  /** Reasons found, the commonest first, each with the children it holds for. */
  readonly reasons: readonly { readonly reason: Reason; readonly childIds: readonly number[] }[];
}

/**
 * What a check said, from all answers up to its day; none when nobody answered it.
 * A child who was away at the check is "not seen", whatever came before.
 */
export const summariseCheck = (
  check: { readonly lessonId: number; readonly day: string; readonly skill: Skill },
  childIds: readonly number[],
  answers: readonly CountedAnswer[],
): CheckSummary | undefined => {
  const until = answers.filter(({ day }) => day <= check.day);
  const present = new Set(until.filter(({ lessonId }) => lessonId === check.lessonId).map(({ childId }) => childId));
  if (present.size === 0) return undefined;
  const ofChild = new Map(childIds.map((id) => [id, until.filter(({ childId }) => childId === id)]));
  const levels = childIds.map((childId) => ({
    childId,
    level: present.has(childId) ? (skillsOf(ofChild.get(childId)!)[check.skill]?.level ?? 'not-seen') : 'not-seen',
  }));
  const found = childIds.flatMap((childId) => {
    const reason = findReason(ofChild.get(childId)!);
    return reason === undefined ? [] : [{ childId, reason }];
  });
  const reasons = WEIGHED_RULES.flatMap((rule) => {
    const same = found.filter(({ reason }) => reason.rule === rule);
    return same.length === 0 ? [] : [{ reason: same[0]!.reason, childIds: same.map(({ childId }) => childId) }];
  }).sort((a, b) => b.childIds.length - a.childIds.length);
  return { levels, away: childIds.filter((id) => !present.has(id)), reasons };
};
