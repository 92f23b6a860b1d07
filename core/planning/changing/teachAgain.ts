import type { DialTime } from '../../clock/index.ts';
import type { ItemKind } from '../../items/index.ts';
import { isInvisible, partingPair, type WrongRule } from '../../misconceptions/index.ts';
import { TIMES_OF_GROUP, cleanExamples, contrastExamples, isHardTime, type TimeGroup } from '../../sets/index.ts';
import type { Skill } from '../../skills/index.ts';
import { groupsOf } from '../laying/history.ts';
import { groupsTaught } from '../laying/ladder.ts';
import { practiceSet, warmUpOf, type LaidLesson, type LayingContext } from '../laying/layLesson.ts';
import { apportion } from '../laying/minutes.ts';
import { itemCount } from '../laying/pace.ts';
import { oneAfterAnother, type Segment, type SegmentKind } from '../laying/segment.ts';

/** What a lesson taught again is about. */
export interface Again {
  /** Skills of the check that was not secure. */
  readonly skills: readonly Skill[];
  /** Reasons found, the commonest first. */
  readonly rules: readonly WrongRule[];
}

/** Pairs of times that part the likeliest rules from each other and from right, at most two pairs. Times of other groups are not shown yet. */
const contrastsOf = (rules: readonly WrongRule[], groups: readonly TimeGroup[]): DialTime[] => {
  const times = groups.flatMap((group) => TIMES_OF_GROUP[group]).filter((time) => !isHardTime(time));
  const pairs = [rules.slice(0, 2), ...rules.slice(1).map((rule) => [rule])].flatMap((some) => {
    const pair = partingPair(some, times);
    return pair === undefined ? [] : [pair];
  });
  return [...new Set(pairs.slice(0, 2).flat())];
};

/**
 * A lesson that teaches a skill once more, aimed at the reasons found: it shows the times that set each wrong rule beside what is
 * right, and practises those at which a child who follows the rule gives another answer than one who knows.
 */
export const layAgain = ({ skills, rules }: Again, context: LayingContext): LaidLesson => {
  const { rng, choices, before } = context;
  const taught = groupsTaught(skills);
  const groups: readonly TimeGroup[] = taught.length > 0 ? taught : ['oclock'];
  const known = [...new Set([...groupsOf(before), ...groups])];
  const tellsRules = (kind: ItemKind, time: DialTime): boolean =>
    rules.length === 0 || rules.some((rule) => !isInvisible(rule, { kind, shown: time } as never));
  const plan: readonly { kind: SegmentKind; share: number; task?: ItemKind }[] = [
    { kind: 'warm-up', share: 2, task: 'read' },
    { kind: 'show', share: 6 },
    { kind: 'together', share: 4, task: 'read' },
    { kind: 'show-me', share: 5, task: 'set' },
    { kind: 'close', share: 3 },
  ];
  const minutes = apportion(
    plan.map(({ share }) => share),
    choices.minutes,
  );
  const laid = plan.reduce<Segment[]>((earlier, { kind, task }, i) => {
    const base = { kind, startsAt: 0, minutes: minutes[i]! };
    const count = itemCount(kind, task === undefined ? [] : [task], minutes[i]!, choices.pace);
    if (kind === 'show') {
      const aimed = contrastsOf(rules, known);
      const fallback = known.includes('half-past')
        ? contrastExamples(rng, count, () => 0)
        : cleanExamples(rng, groups[0]!, count, () => 0);
      return [...earlier, { ...base, times: aimed.length > 0 ? aimed : fallback, items: [] }];
    }
    if (task === undefined) return [...earlier, { ...base, times: [], items: [] }];
    const wanted = (time: DialTime): boolean => tellsRules(task, time);
    const content =
      kind === 'warm-up' && groupsOf(before).length > 0
        ? warmUpOf(context, [task], count, wanted)
        : practiceSet({ rng, before }, earlier, { groups, tasks: [task], count, wanted });
    return [...earlier, { ...base, ...content }];
  }, []);
  return { key: 'again', kind: 'lesson', skills, segments: oneAfterAnother(laid) };
};
