import { isHalfPast, isOclock } from '../clock/index.ts';
import { KINDS, type Item } from '../items/index.ts';
import type { Skill } from './ladder.ts';

/** Skills beyond o'clock and half past, by the minute. */
const onward = (minute: number): Skill => {
  if (minute === 15) return 'quarter-past';
  if (minute === 45) return 'quarter-to';
  return minute % 5 === 0 ? 'five-minutes' : 'to-the-minute';
};

/** Skills of what is done with no time, or with several. */
const OF_NO_TIME = {
  'name-parts': 'parts',
  direction: 'clockwise',
  mix: 'mixed',
  judge: 'judge-clock',
  'how-long': 'how-long',
  order: 'what-for',
} as const satisfies Readonly<Record<string, Skill>>;
type OfNoTime = keyof typeof OF_NO_TIME;
const isOfNoTime = (doing: string): doing is OfNoTime => doing in OF_NO_TIME;

/** The skill an item gives evidence of. */
export const skillOfItem = (item: Item): Skill => {
  const { doing } = KINDS[item.kind];
  if (isOfNoTime(doing)) return OF_NO_TIME[doing];
  // Everything else is about one time.
  if (!('shown' in item)) throw new RangeError(`${item.kind} is about no time`);
  const { shown } = item;
  if (doing === 'hour-hand') return isOclock(shown) ? 'hour-hand-on' : 'hour-hand-between';
  if (isOclock(shown)) return `oclock-${doing}`;
  return isHalfPast(shown) ? `half-past-${doing}` : onward(shown % 60);
};
