import type { DayTime } from '../clock/index.ts';
import { shuffled, type Rng } from '../common/index.ts';
import type { DayEntry } from './sorting.ts';

/** Places of a day: its hours, two turns of the short hand. */
export const DAY_HOURS = 24;
/** Hours of one turn. */
export const TURN_HOURS = 12;
const HOUR_MINUTES = 60;

/** The hour of the day something belongs to, 0..23: from its o'clock until just before the next. */
export const hourOfDay = (at: DayTime): number => Math.floor(at / HOUR_MINUTES);

/** Things of the day to be placed on its hours: some of it, each in another hour, shuffled. @param count the most of them */
export const dayToPlace = <E extends DayEntry>(rng: Rng, entries: readonly E[], count: number): E[] =>
  shuffled(
    rng,
    entries.filter((entry, i) => entries.findIndex(({ at }) => hourOfDay(at) === hourOfDay(entry.at)) === i),
  ).slice(0, count);
