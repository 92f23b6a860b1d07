import { timeOf, type DialTime } from '../clock/index.ts';
import type { Rng } from '../common/index.ts';
import type { Lens } from '../face/index.ts';
import { HANDED_KINDS, type ItemKind } from '../items/index.ts';
import { RULE_HELP, isInvisible, partingPair, type RuleHelp, type WrongRule } from '../misconceptions/index.ts';
import { suits } from '../making/index.ts';
import { groupsTaught } from '../planning/index.ts';
import { TIMES_OF_GROUP, chooseTimes, type TimeGroup } from '../sets/index.ts';
import { SKILL_DATA, groupOfSkill, type Skill, type SkillGroup } from '../skills/index.ts';

/** Minutes they have the teacher for. */
export const GROUP_MINUTES = 8;
/** Times they work on. */
export const GROUP_TIMES = 6;

/** What a group does in eight minutes: it is shown something, asked six, and takes one away. */
export interface GroupPlan {
  readonly minutes: number;
  /** The reason most of them have in common; null where none was found. */
  readonly rule: WrongRule | null;
  /** The lens that shows it, and two times side by side that part right from wrong. */
  readonly lens: Lens;
  readonly contrast: readonly [DialTime, DialTime];
  /** What they do with the times. */
  readonly task: ItemKind;
  readonly times: readonly DialTime[];
  /** One more, to do without help. */
  readonly takeAway: DialTime;
}

/** What is shown where no reason was found: what the skill is about. */
const WITHOUT_REASON: Readonly<Record<'hour-hand' | 'oclock' | 'half-past', RuleHelp>> = {
  'hour-hand': { lens: 'hours-room', contrast: [timeOf(4), timeOf(4, 30)] },
  oclock: { lens: 'hour-hand-alone', contrast: [timeOf(3), timeOf(9)] },
  'half-past': { lens: 'half-turn', contrast: [timeOf(4), timeOf(4, 30)] },
};
const aboutSkill = (group: SkillGroup): RuleHelp =>
  WITHOUT_REASON[group === 'oclock' ? 'oclock' : group === 'clock' ? 'hour-hand' : 'half-past'];

/** What shows a reason: two times the class has met that part the likeliest rules, otherwise those the skill is about. */
const helpFor = (skill: Skill, rules: readonly WrongRule[]): RuleHelp => {
  const about = aboutSkill(groupOfSkill(skill));
  const [rule] = rules;
  if (rule === undefined) return about;
  const met = [...new Set<TimeGroup>(['oclock', ...groupsTaught([skill])])].flatMap((group) => TIMES_OF_GROUP[group]);
  return { lens: RULE_HELP[rule].lens, contrast: partingPair(rules, met) ?? about.contrast };
};

/** Would following the rule look another way than knowing, at this time? Where nothing else tells, by what is read. */
const tells = (rule: WrongRule, time: DialTime, task: ItemKind): boolean => {
  const kind = task === 'draw' || task === 'set' || task === 'write-digital' || task === 'hour-hand' ? task : 'read';
  return !isInvisible(rule, { kind, shown: time });
};

/**
 * What a group does that sits together after a check: what shows its reason, and times at which it shows, by the rules of every set. The same
 * for the same seed.
 * @param skill of the check @param rules the one or two likeliest behind what its children need; none where nothing is known
 */
export const groupPlan = (rng: Rng, skill: Skill, rules: readonly WrongRule[]): GroupPlan => {
  const task = SKILL_DATA[skill].itemKinds.find((kind) => HANDED_KINDS.includes(kind)) ?? 'set';
  const taught = groupsTaught([skill]);
  const times = chooseTimes(rng, {
    count: GROUP_TIMES + 1,
    groups: taught.length > 0 ? taught : ['oclock'],
    hardLate: true,
    recency: (time) => (rules.length === 0 || rules.some((one) => tells(one, time, task)) ? 0 : 1),
    uses: () => 0,
    suits: (time) => suits(task, time),
  });
  return {
    minutes: GROUP_MINUTES,
    rule: rules[0] ?? null,
    ...helpFor(skill, rules),
    task,
    times: times.slice(0, GROUP_TIMES),
    takeAway: times.at(-1)!,
  };
};
