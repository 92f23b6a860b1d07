import { hourOf, wrapToDial, type DialTime } from '../clock/index.ts';

/** Minutes between the start and the time asked, by the hour asked: uneven, so that no habit of turning is right. */
const OFFSETS = [85, -95, 100, -80, -110, 95, -80, 110, 80, -100, 95, -105] as const;

/**
 * Where a clock stands before a child sets it: an hour and a half or so beside the time asked, never at o'clock or
 * half past, and never with the minute hand on the asked hour's numeral, where a child who swaps the hands would leave
 * it.
 */
export const startingTime = (asked: DialTime): DialTime => wrapToDial(asked + OFFSETS[hourOf(asked) - 1]!);
