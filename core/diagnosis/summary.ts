import { createGrowing } from '../common/index.ts';
import type { Skill } from '../skills/index.ts';
import type { Shares } from './belief.ts';
import type { JudgedAnswer } from './judged.ts';
import type { Level } from './mastery.ts';
import { NEEDS } from './needs.ts';
import { judgeChild, type About, type Reason } from './reason.ts';
import { skillsOf } from './skillsOf.ts';
import { totalsOf } from './totals.ts';

/** A check: a lesson that asks for one skill. */
export interface Check {
  readonly lessonId: number;
  readonly day: string;
  readonly skill: Skill;
}
/** How one child stood at a check. */
export interface ChildAtCheck {
  /** Did it answer in the check itself? */
  readonly present: boolean;
  /** Not seen where it was away, whatever came before. */
  readonly level: Level;
  readonly reason: Reason | undefined;
  /** How sure each need was. */
  readonly needs: Shares['needs'];
}

/**
 * How a child stood at a check, from its answers up to that day: who goes on with a list of answers goes on with what was seen of it.
 * @returns takes the answers of one child alone, all of them, and what else is known of it
 */
export const createAtCheck = ({
  lessonId,
  day,
  skill,
}: Check): ((answers: readonly JudgedAnswer[], about?: About) => ChildAtCheck) => {
  // Who was away does the ticket on a later day: it counts for this check all the same.
  const untilThen = createGrowing<JudgedAnswer, JudgedAnswer[]>(
    () => [],
    (until, answer) => {
      if (answer.day <= day || answer.lessonId === lessonId) until.push(answer);
    },
  );
  return (answers, about = {}) => {
    const until = totalsOf(answers).last <= day ? answers : untilThen(answers);
    const present = totalsOf(until).lessonIds.has(lessonId);
    const { shares, reasons } = judgeChild(until, about);
    return {
      present,
      level: present ? (skillsOf(until, shares.rules)[skill]?.level ?? 'not-seen') : 'not-seen',
      reason: reasons[0],
      needs: shares.needs,
    };
  };
};
export const childAtCheck = (check: Check, answers: readonly JudgedAnswer[], about?: About): ChildAtCheck =>
  createAtCheck(check)(answers, about);

/** What a check said about the class. */
export interface CheckSummary {
  /** One level a child, in the order of the children given. */
  readonly levels: readonly { readonly childId: number; readonly level: Level }[];
  /** Children without an answer in the check itself. */
  readonly away: readonly number[];
  /** Reasons found, the commonest first, each with the children it holds for. */
  readonly reasons: readonly { readonly reason: Reason; readonly childIds: readonly number[] }[];
}

/** What a check said of all children together; none when nobody answered it. */
export const summariseCheck = (
  children: readonly (ChildAtCheck & { readonly childId: number })[],
): CheckSummary | undefined => {
  if (!children.some(({ present }) => present)) return undefined;
  const found = children.flatMap(({ childId, reason }) => (reason === undefined ? [] : [{ childId, reason }]));
  const reasons = NEEDS.flatMap((need) => {
    const same = found.filter(({ reason }) => reason.need === need);
    return same.length === 0 ? [] : [{ reason: same[0]!.reason, childIds: same.map(({ childId }) => childId) }];
  }).sort((a, b) => b.childIds.length - a.childIds.length);
  return {
    levels: children.map(({ childId, level }) => ({ childId, level })),
    away: children.flatMap(({ childId, present }) => (present ? [] : [childId])),
    reasons,
  };
};
