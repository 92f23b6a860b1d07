import { isHalfPast, isOclock, type DialTime, type HandAngles } from '../clock/index.ts';
import type { Skill } from '../skills/index.ts';

/** Parts of a clock a child learns to name. */
export const CLOCK_PARTS = ['face', 'numerals', 'hour-hand', 'minute-hand'] as const;
export type ClockPart = (typeof CLOCK_PARTS)[number];

/** The kinds of task asked so far. */
export const ITEM_KINDS = ['name-part', 'hour-hand', 'read', 'set'] as const;
export type ItemKind = (typeof ITEM_KINDS)[number];

/**
 * One task put to a child.
 * - `name-part`: say what this part is called
 * - `hour-hand`: which hour, from a clock with the hour hand alone
 * - `read`: say the time a clock shows
 * - `set`: turn a geared clock to a time that is said or written
 */
export type Item =
  | { readonly kind: 'name-part'; readonly part: ClockPart }
  | { readonly kind: 'hour-hand' | 'read' | 'set'; readonly shown: DialTime };

/**
 * What a child gave back, kept whole: the answer itself tells why, a mere tick does not.
 * - `observed`: a teacher saw or heard it, and tapped whether the child had it
 */
export type Answer =
  | { readonly kind: 'observed'; readonly got: boolean }
  | { readonly kind: 'hour'; readonly hour: number }
  | { readonly kind: 'time'; readonly time: DialTime }
  | ({ readonly kind: 'hands' } & HandAngles);

/** How the tasks that ask for a time in full are counted: read, set. */
const TIMED: Record<'read' | 'set', { oclock: Skill; halfPast: Skill }> = {
  read: { oclock: 'oclock-read', halfPast: 'half-past-read' },
  set: { oclock: 'oclock-set', halfPast: 'half-past-set' },
};

/** The skill an item gives evidence of; none for times beyond o'clock and half past. */
export const skillOfItem = (item: Item): Skill | undefined => {
  switch (item.kind) {
    case 'name-part':
      return 'parts';
    case 'hour-hand':
      return 'hour-hand';
    case 'read':
    case 'set':
      if (isOclock(item.shown)) return TIMED[item.kind].oclock;
      return isHalfPast(item.shown) ? TIMED[item.kind].halfPast : undefined;
  }
};
