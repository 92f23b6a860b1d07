import { timeOf, type DialTime } from '../clock/index.ts';
import type { Rng } from '../common/index.ts';
import type { Level, NamedNeed } from '../diagnosis/index.ts';
import type { Lens } from '../face/index.ts';
import { HANDED_KINDS, type ItemKind } from '../items/index.ts';
import { RULE_HELP, isInvisible, partingPair, type RuleHelp, type WrongRule } from '../misconceptions/index.ts';
import { groupsTaught } from '../planning/index.ts';
import { TIMES_OF_GROUP, chooseTimes, type TimeGroup } from '../sets/index.ts';
import { SKILL_DATA, groupOfSkill, type Skill, type SkillGroup } from '../skills/index.ts';

/** The most children who sit together. */
export const GROUP_SIZE = 6;
/** Minutes they have the teacher for. */
export const GROUP_MINUTES = 8;
/** Times they work on. */
export const GROUP_TIMES = 6;

/** How a child stood at a check. */
export interface StoodAtCheck {
  readonly childId: number;
  readonly level: Level;
  /** What it needs, where that is known, and the one or two rules that are likeliest behind it. */
  readonly need: NamedNeed | undefined;
  readonly rules: readonly WrongRule[];
}

/** Children who sit together for a few minutes, what they are shown, and the times they work on. */
export interface SmallGroup {
  readonly childIds: readonly number[];
  readonly minutes: number;
  /** The reason most of them have in common; null where none was found. */
  readonly rule: WrongRule | null;
  /** The lens that shows it, and two times side by side that part right from wrong. */
  readonly lens: Lens;
  readonly contrast: readonly [DialTime, DialTime];
  /** What they do with the times. */
  readonly task: ItemKind;
  readonly times: readonly DialTime[];
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

/** What most have; of two as common, the one met first. */
const commonest = <T>(all: readonly T[]): T | undefined => {
  const counts = new Map<T, number>();
  for (const one of all) counts.set(one, (counts.get(one) ?? 0) + 1);
  return [...counts].sort(([, a], [, b]) => b - a)[0]?.[0];
};
/** The one or two rules that are likeliest behind what some children need. */
const rulesBehind = (some: readonly StoodAtCheck[]): WrongRule[] => {
  const first = commonest(some.flatMap(({ rules: [likeliest] }) => likeliest ?? []));
  const second = commonest(some.flatMap(({ rules }) => rules.filter((rule) => rule !== first)));
  return [first, second].filter((rule) => rule !== undefined);
};

/** Would following the rule look another way than knowing, at this time? Where nothing else tells, by what is read. */
const tells = (rule: WrongRule, time: DialTime, task: ItemKind): boolean => {
  const kind = task === 'draw' || task === 'set' || task === 'write-digital' || task === 'hour-hand' ? task : 'read';
  return !isInvisible(rule, { kind, shown: time });
};

/**
 * The small group a check speaks for: those not secure yet who were there, who have the commonest need in common first, then whoever
 * is furthest from secure; what shows the reason, and six times at which it shows, by the rules of every set. None where everybody is
 * secure. The same for the same seed.
 * @param stood in class order
 */
export const smallGroup = (rng: Rng, skill: Skill, stood: readonly StoodAtCheck[]): SmallGroup | undefined => {
  const needing = stood.filter(({ level }) => level === 'beginning' || level === 'getting-there');
  if (needing.length === 0) return undefined;
  const need = commonest(needing.flatMap((one) => one.need ?? []));
  const rules = rulesBehind(needing.filter((one) => need !== undefined && one.need === need));
  const [rule] = rules;
  const rank = (one: StoodAtCheck): number =>
    (need !== undefined && one.need === need ? 0 : 2) + (one.level === 'beginning' ? 0 : 1);
  const { lens, contrast } = helpFor(skill, rules);
  const task = SKILL_DATA[skill].itemKinds.find((kind) => HANDED_KINDS.includes(kind)) ?? 'set';
  const taught = groupsTaught([skill]);
  return {
    childIds: [...needing]
      .sort((a, b) => rank(a) - rank(b))
      .slice(0, GROUP_SIZE)
      .map(({ childId }) => childId),
    minutes: GROUP_MINUTES,
    rule: rule ?? null,
    lens,
    contrast,
    task,
    times: chooseTimes(rng, {
      count: GROUP_TIMES,
      groups: taught.length > 0 ? taught : ['oclock'],
      hardLate: true,
      recency: (time) => (rules.length === 0 || rules.some((one) => tells(one, time, task)) ? 0 : 1),
      uses: () => 0,
      suits: () => true,
    }),
  };
};
