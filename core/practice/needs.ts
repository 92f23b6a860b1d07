import type { DialTime } from '../clock/index.ts';
import { judgeChild, skillsOf, type Belief, type JudgedAnswer, type Level } from '../diagnosis/index.ts';
import type { WrongRule } from '../misconceptions/index.ts';
import type { Skill } from '../skills/index.ts';

/** How a child stands with one skill that was taught. */
export interface SkillNeed {
  readonly skill: Skill;
  /** Expected share of right answers, 0..1. */
  readonly share: number;
  /** How much it is due: 0 just seen, 1 it is time or it was never seen. */
  readonly due: number;
}

/** All that choosing a child's practice goes by. */
export interface PracticeNeeds {
  readonly skills: readonly SkillNeed[];
  /** Times the class has met. */
  readonly times: readonly DialTime[];
  /** What is believed of why it answers as it does. */
  readonly belief: Belief;
  /** A rule that is sure enough and was seen in too few tasks to be named. */
  readonly waiting?: WrongRule | undefined;
}

/** Days after which a skill is due again, by how sure a child is of it: the surer, the longer. */
const GAP_DAYS: Readonly<Record<Level, number>> = { 'not-seen': 0, beginning: 1, 'getting-there': 3, secure: 7 };
/** A skill not asked yet: more likely right than not, for it was just taught. */
const UNSEEN_SHARE = 0.6;
const DAY_MS = 24 * 60 * 60 * 1000;

/**
 * What one child needs.
 * @param answers of that child alone that count, oldest first
 * @param taught skills taught so far
 * @param times met so far
 * @param today YYYY-MM-DD
 * @param lessons days of lessons about reasons that were taught (YYYY-MM-DD)
 */
export const needsOf = (
  answers: readonly JudgedAnswer[],
  taught: readonly Skill[],
  times: readonly DialTime[],
  today: string,
  lessons: readonly string[] = [],
): PracticeNeeds => {
  const { belief, shares, waiting } = judgeChild(answers, { lessons });
  const known = skillsOf(answers, shares.rules);
  const lastSeen = new Map(answers.map(({ skill, day }) => [skill, day]));
  const skills = [...new Set(taught)].map((skill): SkillNeed => {
    const mastery = known[skill];
    if (mastery === undefined || mastery.level === 'not-seen') return { skill, share: UNSEEN_SHARE, due: 1 };
    const days = (Date.parse(today) - Date.parse(lastSeen.get(skill)!)) / DAY_MS;
    return { skill, share: mastery.share, due: Math.min(1, days / GAP_DAYS[mastery.level]) };
  });
  return { skills, times, belief, waiting };
};
