import { hourOf, isHalfPast, isOclock, minuteOf, timeOf, type DialTime } from '../clock/index.ts';
import type { Phrase } from './phrase.ts';
import type { ReadingConventions } from './steps.ts';

const caption = (name: string, values: Phrase['values'] = {}): Phrase => ({ key: `clock.captions.${name}`, values });

/** Where the hour hand is, in two or three words under the hour: as the class finds the hour. */
export const hourCaption = (time: DialTime, { hourFinding }: Pick<ReadingConventions, 'hourFinding'>): Phrase => {
  if (isOclock(time)) return caption('onHour', { hour: hourOf(time) });
  // "The smaller number" is wrong between 12 and 1, and is never said there.
  if (hourFinding === 'smaller' && hourOf(time) === hourOf(timeOf(12))) return caption('passed');
  return caption(hourFinding);
};

/** Where the minute hand is, under the minutes: as the class finds them. */
export const minuteCaption = (time: DialTime, { minuteSupport }: Pick<ReadingConventions, 'minuteSupport'>): Phrase => {
  const minutes = minuteOf(time);
  if (minuteSupport === 'fives')
    return minutes === 0
      ? caption('onTwelve')
      : minutes % 5 === 0
        ? caption('fives', { numeral: minutes / 5 })
        : caption('pastTheHour');
  if (isOclock(time)) return caption('straightUp');
  if (isHalfPast(time)) return caption('halfTurn');
  if (minutes === 15) return caption('quarterTurn');
  if (minutes === 45) return caption('quarterToGo');
  return caption('pastTheHour');
};
