import { hourOf, isHalfPast, isOclock, type DialTime } from '../../clock/index.ts';
import { groupOfTime, isCleanExample, isHardTime, laterHalf, type TimeGroup } from '../../sets/index.ts';
import { isOneHanded, isPractice, recencies, usesIn } from './history.ts';
import type { Standing } from './rules.ts';

/**
 * Why a segment has the times it has; read from the times themselves, so it stays true when they are changed.
 * - `clean`: the examples are clear: hands apart, not 12 or 6
 * - `hour-stays`: o'clock and half past of one hour side by side
 * - `hour-turns`: half past and the coming o'clock side by side
 * - `mixed-order`: no time follows its neighbour on the dial
 * - `hard-last`: hard times, and they come in the later half
 * - `fresh`: how many of them nobody practised in the last two lessons
 * - `first-turn`: hours that had no turn in the unit yet
 * - `brought-back`: a warm-up with what was taught before
 * - `round-again`: the times of the round, in the children's own time
 * - `wrong-clocks`: the wrong clocks of a choice are what wrong rules would choose
 */
export type TimeReason =
  | { readonly reason: 'clean' | 'round-again' | 'mixed-order' | 'wrong-clocks' }
  | {
      readonly reason: 'hour-stays' | 'hour-turns';
      readonly first: DialTime;
      readonly second: DialTime;
      readonly hour: number;
    }
  | { readonly reason: 'hard-last'; readonly times: readonly DialTime[] }
  | { readonly reason: 'fresh'; readonly fresh: number; readonly count: number }
  | { readonly reason: 'first-turn'; readonly hours: readonly number[] }
  | { readonly reason: 'brought-back'; readonly groups: readonly TimeGroup[] };
export const TIME_REASONS = [
  'clean',
  'round-again',
  'hour-stays',
  'hour-turns',
  'mixed-order',
  'hard-last',
  'fresh',
  'first-turn',
  'brought-back',
  'wrong-clocks',
] as const satisfies readonly TimeReason['reason'][];

/** What is side by side among shown times. */
const contrasts = (times: readonly DialTime[]): TimeReason[] =>
  times.slice(1).flatMap((second, i): TimeReason[] => {
    const first = times[i]!;
    if (second - first !== 30) return [];
    if (isOclock(first)) return [{ reason: 'hour-stays', first, second, hour: hourOf(first) }];
    return isHalfPast(first) ? [{ reason: 'hour-turns', first, second, hour: hourOf(second) }] : [];
  });

/** The reasons for the times of a segment; none where it has no times. */
export const reasonsOf = ({ before, lesson, at }: Standing): TimeReason[] => {
  const segment = lesson.segments[at]!;
  const { times, kind } = segment;
  const reasons: TimeReason[] = [];
  if (times.length === 0) return reasons;
  if (kind === 'show') {
    if (times.every(isCleanExample)) reasons.push({ reason: 'clean' });
    return [...reasons, ...contrasts(times)];
  }
  const round = lesson.segments.slice(0, at).find((earlier) => earlier.kind === 'show-me');
  if (kind === 'alone' && round?.times.join() === times.join()) return [{ reason: 'round-again' }];
  if (kind === 'warm-up') reasons.push({ reason: 'brought-back', groups: [...new Set(times.map(groupOfTime))] });
  if (times.length > 1) reasons.push({ reason: 'mixed-order' });
  const hard = isOneHanded(segment.items.map((item) => item.kind)) ? [] : times.filter(isHardTime);
  if (hard.length > 0 && hard.every((time) => times.indexOf(time) >= laterHalf(times.length)))
    reasons.push({ reason: 'hard-last', times: hard });
  if (isPractice(segment)) {
    const lately = recencies(before);
    const fresh = times.filter((time) => !lately.has(time)).length;
    if (fresh > 0) reasons.push({ reason: 'fresh', fresh, count: times.length });
    const used = usesIn(before);
    const hours = [...new Set(times.filter((time) => !used.has(time)).map(hourOf))];
    if (hours.length > 0) reasons.push({ reason: 'first-turn', hours });
  }
  if (segment.items.some((item) => item.kind === 'choose-clock')) reasons.push({ reason: 'wrong-clocks' });
  return reasons;
};
