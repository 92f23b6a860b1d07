import type { Skill } from '../skills/index.ts';
import type { JudgedAnswer } from './judged.ts';
import { mastery, type Evidence, type Level, type Mastery } from './mastery.ts';
import { NEEDS } from './needs.ts';
import { judgeChild, type About, type Reason } from './reason.ts';
import type { Shares } from './belief.ts';

/** An answer as far as it says how far a skill has come. */
type SkillEvidence = Evidence & Pick<JudgedAnswer, 'skill' | 'hides'>;

/**
 * How far one child has come in every skill seen so far. A right answer that it would have given by what it is likely to do wrong, too, counts so
 * much less. @param answers of that child alone @param rules how likely it follows each
 */
export const skillsOf = (
  answers: readonly SkillEvidence[],
  rules: Partial<Shares['rules']> = {},
): Partial<Record<Skill, Mastery>> => {
  const showing = (answer: SkillEvidence): Evidence => {
    let hidden = 0;
    for (const rule of answer.hides) hidden += rules[rule] ?? 0;
    if (hidden === 0) return answer;
    const { verdict, day, guess } = answer;
    return { verdict, day, guess, shows: Math.max(0, 1 - hidden) };
  };
  const bySkill = new Map<Skill, Evidence[]>();
  for (const answer of answers) {
    const known = bySkill.get(answer.skill);
    if (known === undefined) bySkill.set(answer.skill, [showing(answer)]);
    else known.push(showing(answer));
  }
  return Object.fromEntries([...bySkill].map(([skill, evidence]) => [skill, mastery(evidence)]));
};

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

/** How one child stood at a check, from its answers up to that day. @param answers of that child alone, all of them @param about what else is known of it */
export const childAtCheck = (
  { lessonId, day, skill }: Check,
  answers: readonly JudgedAnswer[],
  about: About = {},
): ChildAtCheck => {
  // Who was away does the ticket on a later day: it counts for this check all the same.
  const until = answers.filter((answer) => answer.day <= day || answer.lessonId === lessonId);
  const present = until.some((answer) => answer.lessonId === lessonId);
  const { shares, reasons } = judgeChild(until, about);
  return {
    present,
    level: present
      ? (skillsOf(
          until.filter((answer) => answer.skill === skill),
          shares.rules,
        )[skill]?.level ?? 'not-seen')
      : 'not-seen',
    reason: reasons[0],
    needs: shares.needs,
  };
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
