import { hourOf, isOclock, minuteOf, type DialTime } from '../clock/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { sayMixed } from '../wording/index.ts';
import type { Procedure, WrongRule } from './names.ts';

const minutes = (time: DialTime): string => String(minuteOf(time)).padStart(2, '0');

/** How a time that was read rightly is written, by rule. */
export const WRITE: Partial<Record<WrongRule, Procedure<string>>> = {
  'colon-missing': (time) => ({ own: [`${hourOf(time)}${minutes(time)}`] }),
  'one-zero': (time) =>
    isOclock(time) ? { own: [`${hourOf(time)}:0`] } : { own: [`${hourOf(time)}:3`], orRight: true },
  'parts-reversed': (time) => ({ own: [`${minutes(time)}:${hourOf(time)}`] }),
  'sixty-for-zero': (time) => (isOclock(time) ? { own: [`${hourOf(time)}:60`] } : undefined),
  'mixed-forms': (time) => ({
    own: [sayMixed(time, DEFAULT_CONVENTIONS)],
    orRight: true,
  }),
};
