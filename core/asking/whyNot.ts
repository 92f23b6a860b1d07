import { hourOf, isOclock, minuteOf, type DialTime } from '../clock/index.ts';
import type { ClockOption } from '../items/index.ts';
import { digits, readingSteps, type Phrase } from '../wording/index.ts';
import type { Conventions } from '../conventions/index.ts';

const why = (name: string, values: Phrase['values']): Phrase => ({ key: `clock.whyNot.${name}`, values });

/**
 * Why a clock does not show a time: by the hour where the hour is another one, otherwise by the minutes. On a clock with hands the
 * words are about where a hand is ("past 7, not yet 8"), on a digital clock about what stands there.
 * @param shown what the clock shows, another time than the one that is asked for
 * @throws RangeError where it is the same
 */
export const whyNot = ({ time: shown, form }: ClockOption, asked: DialTime, conventions: Conventions): Phrase => {
  if (shown === asked) throw new RangeError(`it does show ${asked}`);
  const hour = hourOf(shown);
  const isOtherHour = hour !== hourOf(asked);
  if (form === 'digital') {
    const { minutes } = digits(shown, conventions);
    return isOtherHour ? why('digitalHour', { hour }) : why('digitalMinutes', { minutes });
  }
  if (!isOtherHour) return readingSteps(shown, conventions).find(({ part }) => part === 'minute')!.sentence;
  if (isOclock(shown)) return why('hourOn', { hour });
  return why('hourPast', { hour, next: (hour % 12) + 1, minutes: minuteOf(shown) });
};
