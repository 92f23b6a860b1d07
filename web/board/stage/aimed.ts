import type { SmallGroup } from '../../../contract/index.ts';
import type { DialTime } from '../../../core/clock/index.ts';
import type { Lens } from '../../../core/face/index.ts';
import { RULE_HELP, type WrongRule } from '../../../core/misconceptions/index.ts';

/** What the board is opened for beside a lesson: a lens, two times side by side, and times after them. */
export interface Aimed {
  /** Another for each. */
  readonly key: string;
  /** The small group whose turn it is; none where one reason is shown to whoever is there. */
  readonly groupId?: number;
  readonly lens: Lens;
  readonly contrast: readonly [DialTime, DialTime];
  readonly times: readonly DialTime[];
}

export const aimedAtGroup = ({ checkId, id, lens, contrast, times, takeAway }: SmallGroup): Aimed => ({
  key: `group ${checkId} ${id}`,
  groupId: id,
  lens,
  contrast,
  times: [...times, takeAway],
});
/** What helps with a rule; nothing on the board says whose it is. */
export const aimedAtRule = (rule: WrongRule): Aimed => ({ key: `rule ${rule}`, ...RULE_HELP[rule], times: [] });
