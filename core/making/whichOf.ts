import type { DialTime } from '../clock/index.ts';
import { shuffled, type Rng } from '../common/index.ts';
import { minuteOf, wrapToDial } from '../clock/index.ts';
import { FORMS, type ClockOption } from '../items/index.ts';
import { timeDistractors } from './distractors.ts';

/** Clocks there are to choose from. */
export const WHICH_OF = [3, 4] as const;

/**
 * Several clocks, one of which shows a time: analog and digital mixed, each form at least once, the others at times that wrong rules
 * would take for it, or that are near it. All differ. The same for the same seed.
 * @param taught times the class has met; any time at all may be asked for
 */
export const whichOf = (rng: Rng, asked: DialTime, taught: readonly DialTime[], count: number): ClockOption[] => {
  const near = [60, -60, 30, -30, 15, -15, 5, -5].map((by) => wrapToDial(asked + by));
  // Of times beyond o'clock and half past, the wrong ones are of their kind: minutes like these, at another hour.
  const alike = near.filter((time) => minuteOf(time) % 30 === 0 || minuteOf(asked) % 30 !== 0);
  const wrong = [...new Set([...timeDistractors(rng, asked, taught), ...alike, ...near])].filter(
    (time) => time !== asked,
  );
  const forms = shuffled(
    rng,
    Array.from({ length: count }, (_, i) => FORMS[i % FORMS.length]!),
  );
  const times = shuffled(rng, [asked, ...wrong.slice(0, count - 1)]);
  return times.map((time, i) => ({ time, form: forms[i]! }));
};
