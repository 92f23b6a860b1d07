import { TAUGHT_TIMES, isOclock } from '../clock/index.ts';
import type { Item, ItemKind } from '../items/index.ts';
import { visibleRules, type WrongRule } from '../misconceptions/index.ts';

/** Kinds of task that nothing but a time belongs to: what can show in such a task at all is known by its times. */
const BY_TIME = [
  'read',
  'write-digital',
  'write-words',
  'set',
  'set-free',
  'draw',
  'hour-hand',
  'set-hour-hand',
] as const;
type ByTime = (typeof BY_TIME)[number];
const isByTime = (kind: ItemKind): kind is ByTime => (BY_TIME as readonly ItemKind[]).includes(kind);

const known = new Map<string, readonly WrongRule[]>();
/** Rules that some time of the same group shows: o'clock and half past are skills of their own. */
const shownIn = (kind: ByTime, ofOclock: boolean): ReadonlySet<WrongRule> =>
  new Set(
    TAUGHT_TIMES.filter((shown) => isOclock(shown) === ofOclock).flatMap((shown) =>
      visibleRules({ kind, shown }).map(({ rule }) => rule),
    ),
  );
/** Who says the same of every clock has shown nothing where that happens to be right. */
const saysOfAll = (ofOclock: boolean): WrongRule => (ofOclock ? 'always-oclock' : 'always-half-past');

/**
 * Wrong rules that this kind of task shows at other times of the group, and not at this one: who follows such a rule is right here all the same. Swapped
 * hands at 12:00 and 6:30; always half past at every half past.
 */
export const hiddenRules = (item: Item): readonly WrongRule[] => {
  const { kind } = item;
  if (!isByTime(kind) || !('shown' in item)) return [];
  const key = `${kind} ${item.shown}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const visible = new Set(visibleRules(item).map(({ rule }) => rule));
  const ofOclock = isOclock(item.shown);
  const hidden = [...shownIn(kind, ofOclock), saysOfAll(ofOclock)].filter((rule) => !visible.has(rule));
  known.set(key, hidden);
  return hidden;
};
