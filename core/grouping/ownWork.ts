import type { DialTime } from '../clock/index.ts';
import { seedFromText, seededRng } from '../common/index.ts';
import { HANDED_KINDS, KINDS, type ItemKind } from '../items/index.ts';
import { suits } from '../making/index.ts';
import { chooseTimes, type TimeGroup } from '../sets/index.ts';
import { SKILL_DATA, type Skill } from '../skills/index.ts';
import { GROUP_TIMES } from './plan.ts';

/** What somebody does on their own while others sit in groups. */
export interface OwnWork {
  readonly task: ItemKind;
  readonly times: readonly DialTime[];
}
/** What asks most of a child by itself comes first: to make something, before choosing from what somebody else made. */
const WORTH_DOING = ['write', 'draw', 'set', 'judge', 'match', 'read'] as const;

/**
 * A task worth doing for those who are secure in what a check asked: another thing to do with clocks than the check's, of what the class was
 * taught, about every kind of time it has met.
 * @param skills taught so far @param groups of times met
 */
export const ownWork = (
  checkId: number,
  skill: Skill,
  skills: readonly Skill[],
  groups: readonly TimeGroup[],
): OwnWork => {
  const asked = new Set(SKILL_DATA[skill].itemKinds.map((kind) => KINDS[kind].doing));
  const kinds = [...new Set(skills.flatMap((one) => SKILL_DATA[one].itemKinds))].filter((kind) =>
    HANDED_KINDS.includes(kind),
  );
  const task =
    WORTH_DOING.filter((doing) => !asked.has(doing)).flatMap((doing) =>
      kinds.filter((kind) => KINDS[kind].doing === doing),
    )[0] ?? 'set';
  const times = chooseTimes(seededRng(seedFromText(`own ${checkId}`)), {
    count: GROUP_TIMES,
    groups: groups.length > 0 ? groups : ['oclock'],
    hardLate: true,
    recency: () => 0,
    uses: () => 0,
    suits: (time) => suits(task, time),
  });
  return { task, times };
};
