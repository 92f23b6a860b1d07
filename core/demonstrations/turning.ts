import { hourOf, isHalfPast, timeOf, wrapToDial, type DialTime } from '../clock/index.ts';
import { phrase, type Demonstration, type DemonstrationStep } from './demonstration.ts';

/** Slow in and slow out, so that an eye can follow the start and the stop. @param share 0..1 */
export const smooth = (share: number): number => share * share * (3 - 2 * share);

/** The hour a time belongs to, and the one that comes next, as numerals. */
export const hoursOf = (time: DialTime): { readonly hour: number; readonly next: number } => ({
  hour: hourOf(time),
  next: (hourOf(time) % 12) + 1,
});

/** Seconds the minute hand takes for a minute while the class counts along. */
const COUNT_SECONDS = 0.5;

/** The minute hand once round from an hour's o'clock, counted; the hour hand creeps on by one numeral. */
export const onceRound = (time: DialTime): Demonstration => {
  const start = timeOf(hourOf(time));
  const { hour, next } = hoursOf(time);
  const lenses = ['hours-room', 'minute-trail'] as const;
  const walk = (fives: number): DemonstrationStep => ({
    seconds: 5 * COUNT_SECONDS,
    sentence: phrase('countTo', { minutes: (fives + 1) * 5, numeral: fives + 1 }),
    scene: (share) => {
      const passed = (fives + share) * 5;
      return { minutes: start + passed, lenses, trailSince: start, count: Math.floor(passed + 1e-6) };
    },
  });
  return {
    kind: 'once-round',
    realTime: false,
    steps: [
      {
        seconds: 3,
        sentence: phrase('onceRoundStart', { hour }),
        scene: () => ({ minutes: start, lenses, trailSince: start, count: 0 }),
      },
      ...Array.from({ length: 12 }, (_, fives) => walk(fives)),
      {
        seconds: 4,
        sentence: phrase('onceRoundEnd', { hour, next }),
        // The trail of the whole turn stays while the hour hand stands on its next numeral.
        scene: () => ({ minutes: start + 60, lenses: ['minute-trail'], trailSince: start, count: 60 }),
      },
    ],
  };
};

/** From o'clock to half past: the minute hand stops straight down, and the half turn is folded over. */
export const halfWay = (time: DialTime): Demonstration => {
  const start = timeOf(hourOf(time));
  const { hour, next } = hoursOf(time);
  return {
    kind: 'half-way',
    realTime: false,
    steps: [
      { seconds: 3, sentence: phrase('startsUp', { hour }), scene: () => ({ minutes: start }) },
      {
        seconds: 6,
        sentence: phrase('walksDown'),
        scene: (share) => ({ minutes: start + 30 * smooth(share), lenses: ['minute-trail'] }),
      },
      {
        seconds: 4,
        sentence: phrase('stopsDown'),
        scene: (share) => ({
          minutes: start + 30,
          lenses: ['half-turn'],
          fold: smooth(share),
          opened: share < 1 ? [] : ['minute'],
        }),
      },
      {
        seconds: 4,
        sentence: phrase('halfWayBetween', { hour, next }),
        scene: () => ({ minutes: start + 30, lenses: ['half-turn', 'hours-room'], opened: ['hour', 'minute'] }),
      },
    ],
  };
};

/** From half past on to the next o'clock: the hour hand reaches the numeral that was coming. */
export const nextHour = (time: DialTime): Demonstration => {
  const start = timeOf(hourOf(time), 30);
  const { hour, next } = hoursOf(time);
  return {
    kind: 'next-hour',
    realTime: false,
    steps: [
      {
        seconds: 3,
        sentence: phrase('stillIn', { hour, next }),
        scene: () => ({ minutes: start, lenses: ['hours-room'] }),
      },
      {
        seconds: 6,
        sentence: phrase('walksUp', { next }),
        scene: (share) => ({
          minutes: start + 30 * smooth(share),
          lenses: share < 1 ? ['hours-room', 'minute-trail'] : [],
          trailSince: start - 30,
        }),
      },
      {
        seconds: 4,
        sentence: phrase('arrives', { next }),
        scene: () => ({ minutes: start + 30, opened: ['hour', 'minute', 'whole'] }),
      },
    ],
  };
};

/** A real minute: the second hand goes once round while the minute hand moves by one mark. Stops every ten seconds. */
export const aMinute = (time: DialTime): Demonstration => ({
  kind: 'a-minute',
  realTime: true,
  steps: [
    ...Array.from({ length: 6 }, (_, tens) => ({
      seconds: 10,
      sentence: tens === 0 ? phrase('minuteStart') : phrase('secondsCount', { seconds: tens * 10 }),
      scene: (share: number) => {
        const seconds = (tens + share) * 10;
        return {
          minutes: time + seconds / 60,
          seconds: seconds % 60,
          count: Math.floor(seconds + 1e-6),
        };
      },
    })),
    {
      seconds: 3,
      sentence: phrase('minuteEnd'),
      scene: () => ({ minutes: time + 1, seconds: 0, count: 60 }),
    },
  ],
});

/** The half past a demonstration of half past is about: the time itself, or the half past of its hour. */
export const halfPastOf = (time: DialTime): DialTime =>
  isHalfPast(time) ? time : wrapToDial(timeOf(hourOf(time)) + 30);
