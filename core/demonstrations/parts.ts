import { hourOf, timeOf, type DialTime } from '../clock/index.ts';
import { say } from '../wording/index.ts';
import type { SayingConventions } from '../wording/index.ts';
import { phrase, type Demonstration, type DemonstrationStep } from './demonstration.ts';
import { hoursOf, smooth } from './turning.ts';

/** Minutes the minute hand goes in a step, an even turn that an eye can follow. @param from minutes past the o'clock it begins at */
const turned = (start: number, from: number, by: number, share: number): number => start + from + by * smooth(share);

/** The face cut in four: a quarter, half, three quarters and the whole turn, with what each is called. */
export const quarters = (time: DialTime, conventions: SayingConventions): Demonstration => {
  const start = timeOf(hourOf(time));
  const { hour, next } = hoursOf(time);
  const lenses = ['minute-trail', 'quarters'] as const;
  const quarter = (number: number): DemonstrationStep => ({
    seconds: 5,
    sentence: phrase(`quarter${number}`, {
      hour,
      next,
      said: number === 4 ? '' : say(timeOf(hourOf(time), number * 15), conventions),
    }),
    scene: (share) => ({
      minutes: turned(start, (number - 1) * 15, 15, share),
      lenses,
      trailSince: start,
    }),
  });
  return {
    kind: 'quarters',
    realTime: false,
    steps: [
      { seconds: 3, sentence: phrase('quartersStart'), scene: () => ({ minutes: start, lenses, trailSince: start }) },
      ...[1, 2, 3, 4].map(quarter),
    ],
  };
};

/** Fives round the rim: the minute hand goes from number to number, and the class counts by fives. */
export const fives = (time: DialTime): Demonstration => {
  const start = timeOf(hourOf(time));
  const { hour, next } = hoursOf(time);
  const lenses = ['minute-numbers', 'minute-trail'] as const;
  return {
    kind: 'fives',
    realTime: false,
    steps: [
      {
        seconds: 3,
        sentence: phrase('fivesStart', { hour }),
        scene: () => ({ minutes: start, lenses, trailSince: start, count: 0 }),
      },
      ...Array.from({ length: 12 }, (_, at): DemonstrationStep => ({
        seconds: 2,
        sentence:
          at === 11 ? phrase('fivesEnd', { next }) : phrase('fivesTo', { minutes: (at + 1) * 5, numeral: at + 1 }),
        scene: (share) => ({
          minutes: turned(start, at * 5, 5, share),
          lenses,
          trailSince: start,
          count: share < 1 ? at * 5 : (at + 1) * 5,
        }),
      })),
    ],
  };
};

/** From half past on, the minutes that are left to the coming hour. */
export const minutesTo = (time: DialTime, conventions: SayingConventions): Demonstration => {
  const start = timeOf(hourOf(time));
  const { hour, next } = hoursOf(time);
  const lenses = ['hours-room', 'minute-numbers'] as const;
  return {
    kind: 'minutes-to',
    realTime: false,
    steps: [
      {
        seconds: 4,
        sentence: phrase('toStart', { hour, next }),
        scene: () => ({ minutes: start + 30, lenses, count: 30 }),
      },
      ...[25, 20, 15, 10, 5].map((left): DemonstrationStep => ({
        seconds: 3,
        sentence: phrase('toGo', { left, said: say(timeOf(hourOf(time), 60 - left), conventions) }),
        scene: (share) => ({
          minutes: turned(start, 55 - left, 5, share),
          lenses,
          count: share < 1 ? left + 5 : left,
        }),
      })),
      {
        seconds: 3,
        sentence: phrase('arrives', { next }),
        scene: (share) => ({ minutes: turned(start, 55, 5, share), lenses, count: share < 1 ? 5 : 0 }),
      },
    ],
  };
};

/** Seconds of a quarter of a day: the minute hand goes round once a second, as fast as an eye follows the hour hand. */
const QUARTER_DAY_SECONDS = 6;
const QUARTER_DAY = 360;

/** A day: two turns of the hour hand, from midnight over noon to midnight, on the strip of the class's day. */
export const dayAndNight = (): Demonstration => {
  const lenses = ['day-strip'] as const;
  const part = (name: string, at: number): DemonstrationStep => ({
    seconds: QUARTER_DAY_SECONDS,
    sentence: phrase(name),
    scene: (share) => ({ minutes: (at + share) * QUARTER_DAY, lenses }),
  });
  const rest = (name: string, at: number): DemonstrationStep => ({
    seconds: 4,
    sentence: phrase(name),
    scene: () => ({ minutes: at * QUARTER_DAY, lenses, opened: ['whole'] }),
  });
  return {
    kind: 'day-and-night',
    realTime: false,
    wholeDay: true,
    steps: [
      rest('midnight', 0),
      part('night', 0),
      part('morning', 1),
      rest('noon', 2),
      part('afternoon', 2),
      part('evening', 3),
      rest('midnightAgain', 4),
    ],
  };
};

/** Minutes before the hour at which the digits begin to be counted. */
const LAST = 3;

/** The digits of a clock count over 59: minutes go from 00 to 59, hours from 1 to 12. */
export const digitsCount = (time: DialTime): Demonstration => {
  const start = timeOf(hourOf(time));
  const { hour, next } = hoursOf(time);
  return {
    kind: 'digits-count',
    realTime: false,
    steps: [
      { seconds: 4, sentence: phrase('digitsStart', { hour }), scene: () => ({ minutes: start, opened: ['whole'] }) },
      {
        seconds: 6,
        sentence: phrase('digitsGo'),
        scene: (share) => ({ minutes: turned(start, 0, 60 - LAST, share), opened: ['whole'] }),
      },
      ...Array.from({ length: LAST }, (_, at): DemonstrationStep => {
        const minutes = 60 - LAST + at + 1;
        return {
          seconds: 3,
          sentence: minutes === 60 ? phrase('digitsOver', { hour, next }) : phrase('digitsTo', { minutes }),
          // The digits change when the minute is full, not before.
          scene: (share) => ({ minutes: share < 1 ? start + minutes - 1 : start + minutes, opened: ['whole'] }),
        };
      }),
      {
        seconds: 4,
        sentence: phrase('digitsRange'),
        scene: () => ({ minutes: start + 60, opened: ['whole'] }),
      },
    ],
  };
};
