import { createGrowing } from '../common/index.ts';
import type { Skill } from '../skills/index.ts';
import type { Shares } from './belief.ts';
import type { JudgedAnswer } from './judged.ts';
import { mastery, type Evidence, type Mastery } from './mastery.ts';

/** An answer as far as it says how far a skill has come. */
type SkillEvidence = Pick<JudgedAnswer, 'verdict' | 'day' | 'guess' | 'skill' | 'hides'>;

/** Answers of a day that say the same of a skill: of a child with thousands these are a few for each day. */
interface Alike extends Omit<SkillEvidence, 'skill'> {
  count: number;
}
const isAlike = (one: Alike, { verdict, guess, hides }: SkillEvidence): boolean =>
  one.verdict === verdict &&
  one.guess === guess &&
  (one.hides === hides || (one.hides.length === hides.length && one.hides.every((rule, i) => rule === hides[i])));
const alikeOf = createGrowing<SkillEvidence, Map<Skill, Map<string, Alike[]>>>(
  () => new Map(),
  (all, answer) => {
    const { verdict, day, guess, skill, hides } = answer;
    let days = all.get(skill);
    if (days === undefined) all.set(skill, (days = new Map()));
    let ofDay = days.get(day);
    if (ofDay === undefined) days.set(day, (ofDay = []));
    const known = ofDay.find((one) => isAlike(one, answer));
    if (known === undefined) ofDay.push({ verdict, day, guess, hides, count: 1 });
    else known.count += 1;
  },
);

/** A right answer that the child would have given by what it is likely to do wrong, too, shows so much less. */
const showing = (alike: Alike, rules: Partial<Shares['rules']>): Evidence => {
  let hidden = 0;
  for (const rule of alike.hides) hidden += rules[rule] ?? 0;
  if (hidden === 0) return alike;
  const { verdict, day, guess, count } = alike;
  return { verdict, day, guess, count, shows: Math.max(0, 1 - hidden) };
};

/**
 * How far one child has come in every skill seen so far.
 * @param answers of that child alone @param rules how likely it follows each @param until the last day that counts, YYYY-MM-DD
 */
export const skillsOf = (
  answers: readonly SkillEvidence[],
  rules: Partial<Shares['rules']> = {},
  until = '9999-12-31',
): Partial<Record<Skill, Mastery>> => {
  const skills: Partial<Record<Skill, Mastery>> = {};
  for (const [skill, days] of alikeOf(answers)) {
    const evidence: Evidence[] = [];
    for (const [day, alike] of days) if (day <= until) for (const one of alike) evidence.push(showing(one, rules));
    if (evidence.length > 0) skills[skill] = mastery(evidence);
  }
  return skills;
};
