import { hourOf, isOclock, timeOf, type DialTime } from '../clock/index.ts';

/** The time to set beside another for contrast: half past to an o'clock, and its own o'clock to everything else. */
export const contrastOf = (time: DialTime): DialTime => timeOf(hourOf(time), isOclock(time) ? 30 : 0);
