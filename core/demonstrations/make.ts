import type { DialTime } from '../clock/index.ts';
import type { Conventions } from '../conventions/index.ts';
import type { Demonstration, DemonstrationKind } from './demonstration.ts';
import { drawIt } from './drawIt.ts';
import { dayAndNight, digitsCount, fives, minutesTo, quarters } from './parts.ts';
import { threeWays, whichHour } from './reading.ts';
import { aMinute, halfWay, nextHour, onceRound } from './turning.ts';

/**
 * A demonstration at a time: those that begin at o'clock or are about half past take the hour of it. The same time and
 * conventions give the same demonstration.
 */
export const demonstrate = (kind: DemonstrationKind, time: DialTime, conventions: Conventions): Demonstration => {
  switch (kind) {
    case 'once-round':
      return onceRound(time);
    case 'half-way':
      return halfWay(time);
    case 'next-hour':
      return nextHour(time);
    case 'which-hour':
      return whichHour(time, conventions);
    case 'three-ways':
      return threeWays(time, conventions);
    case 'draw-it':
      return drawIt(time, conventions);
    case 'a-minute':
      return aMinute(time);
    case 'quarters':
      return quarters(time, conventions);
    case 'fives':
      return fives(time);
    case 'minutes-to':
      return minutesTo(time, conventions);
    case 'day-and-night':
      return dayAndNight();
    case 'digits-count':
      return digitsCount(time);
  }
};
