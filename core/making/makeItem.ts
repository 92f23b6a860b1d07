import {
  TAUGHT_TIMES,
  handAngles,
  isHalfPast,
  isPossible,
  timeOf,
  wrapToDial,
  type DialTime,
  type HandAngles,
} from '../clock/index.ts';
import { pick, shuffled, type Rng } from '../common/index.ts';
import {
  CLOCK_FAULTS,
  CLOCK_PARTS,
  DAY_EVENTS,
  DEEDS,
  KINDS,
  RIGHT_NUMERALS,
  SCHOOL_DAY,
  faultsOf,
  pictureAt,
  pictureOf,
  type ClockFault,
  type ClockPicture,
  type Item,
  type ItemKind,
} from '../items/index.ts';
import { faceDistractors, rightWritings, timeDistractors, writingDistractors } from './distractors.ts';
import { WHICH_OF, whichOf } from './whichOf.ts';

/** Options of a choice, the right ones among them. */
const OPTIONS = 3;

const replaced = (list: readonly number[], place: number, value: number): number[] =>
  list.map((one, i) => (i === place ? value : one));

/**
 * A printed clock with one thing wrong in it, never two, and never one that a sharp eye could call possible; none where
 * that cannot go wrong at any of the times, as swapped hands at 12:00.
 */
const faultyClock = (rng: Rng, fault: ClockFault, times: readonly DialTime[]): ClockPicture | undefined => {
  const good = pictureAt(pick(rng, times));
  const place = Math.floor(rng() * 12);
  const next = (place + 1) % 12;
  switch (fault) {
    case 'numeral-missing':
      return { ...good, numerals: replaced(RIGHT_NUMERALS, place, 0) };
    case 'numeral-doubled':
      return { ...good, numerals: replaced(RIGHT_NUMERALS, place, RIGHT_NUMERALS[next]!) };
    case 'numerals-disordered':
      return {
        ...good,
        numerals: replaced(replaced(RIGHT_NUMERALS, place, RIGHT_NUMERALS[next]!), next, RIGHT_NUMERALS[place]!),
      };
    case 'one-hand':
      return { ...good, handsDrawn: rng() < 0.5 ? 'hour' : 'minute' };
    case 'equal-hands':
      return { ...good, equalLength: true };
    case 'hour-hand-on-numeral':
      return pictureOf({ hour: Math.floor(rng() * 12) * 30, minute: 180 });
    case 'hands-swapped':
    case 'hands-disagree':
      return faultyHands(rng, fault, times);
  }
};

/** Degrees an hour hand must stand off at least for a clock that is to be seen as impossible. */
const CLEARLY = 9.5;

/** What makes the hands of a right clock wrong. */
const HAND_CHANGES = {
  'hour-hand-on-numeral': ({ hour, minute }: HandAngles) => ({ hour: Math.floor(hour / 30) * 30, minute }),
  'hands-swapped': ({ hour, minute }: HandAngles) => ({ hour: minute, minute: hour }),
  'hands-disagree': ({ hour, minute }: HandAngles) => ({ hour: (hour + 15) % 360, minute }),
} as const satisfies Partial<Record<ClockFault, (hands: HandAngles) => HandAngles>>;
type HandFault = keyof typeof HAND_CHANGES;

/** Clocks whose hands stand as they clearly never can, with exactly one fault, changed from those of some times. */
const clearlyWrong = (change: HandFault, times: readonly DialTime[]): ClockPicture[] =>
  times
    .map((time) => pictureOf(HAND_CHANGES[change](handAngles(time))))
    .filter((picture) => faultsOf(picture).length === 1 && !isPossible(picture.hands, CLEARLY));

/** Hands of a taught time, changed so that exactly this is wrong with them; none where the change does no such thing. */
const faultyHands = (rng: Rng, fault: HandFault, times: readonly DialTime[]): ClockPicture | undefined => {
  const faulty = clearlyWrong(fault, times).filter((picture) => faultsOf(picture)[0] === fault);
  return faulty.length === 0 ? undefined : pick(rng, faulty);
};

/** A clock that is to show a time and whose hands stand as they never can. */
const clockToMend = (rng: Rng, shown: DialTime): ClockPicture =>
  pick(
    rng,
    (Object.keys(HAND_CHANGES) as HandFault[]).flatMap((change) => clearlyWrong(change, [shown])),
  );

/** Three times to pair, whose clocks, digits and words all differ, in orders that are not the same. */
const pairItem = (rng: Rng, shown: DialTime, taught: readonly DialTime[]): Item => {
  const times = shuffled(rng, [shown, ...timeDistractors(rng, shown, taught).slice(0, 2)]);
  const order = (): number[] => shuffled(rng, [0, 1, 2]);
  let [digitsOrder, wordsOrder] = [order(), order()];
  // A column in the order of the clocks would need no reading.
  while ([digitsOrder, wordsOrder].some((list) => list.every((place, i) => place === i)))
    [digitsOrder, wordsOrder] = [order(), order()];
  return { kind: 'pair', times, digitsOrder, wordsOrder };
};

/** A clock up to half an hour before or after the target, in five minutes, so that the answer is beyond doubt. */
const yetItem = (rng: Rng, target: DialTime): Item => ({
  kind: 'yet',
  shown: wrapToDial(target + (Math.floor(rng() * 13) - 6) * 5),
  target,
});

const dayOrderItem = (rng: Rng): Item => {
  for (;;) {
    const events = shuffled(rng, DAY_EVENTS).slice(0, 4);
    if (events.some((event, i) => i > 0 && SCHOOL_DAY[event] < SCHOOL_DAY[events[i - 1]!]))
      return { kind: 'day-order', events };
  }
};

/** What can be wrong with a clock for children who know these times: a fault of half past only when they know half past. */
const faultsAbout = (times: readonly DialTime[]): ClockFault[] =>
  CLOCK_FAULTS.filter((fault) => fault !== 'hour-hand-on-numeral' || times.some(isHalfPast));

/** A faulty clock: the fault is chosen, and passed over for the next where none of the times can have it. */
const clockToFault = (rng: Rng, times: readonly DialTime[]): ClockPicture => {
  const faults = faultsAbout(times);
  const chosen = faults.indexOf(pick(rng, faults));
  for (const fault of [...faults.slice(chosen), ...faults.slice(0, chosen)]) {
    const clock = faultyClock(rng, fault, times);
    if (clock !== undefined) return clock;
  }
  throw new RangeError('no clock can be wrong at these times');
};

/** Times a kind of task can be about: drawn hands that lie on each other could not be told apart. */
export const suits = (kind: ItemKind, time: DialTime): boolean => !(KINDS[kind].bothHands && time === timeOf(12));

/**
 * One task of a kind about one of the given times, never ambiguous and never impossible: options all differ, a wrong one
 * is never right in disguise, a faulty clock has exactly one fault.
 * @param times o'clock and half past to choose from; all of them unless said otherwise
 * @param taught times children have met, from which wrong options and clocks to judge are made
 * @throws RangeError when none of the times suits the kind
 */
export const makeItem = (
  kind: ItemKind,
  rng: Rng,
  times: readonly DialTime[] = TAUGHT_TIMES,
  taught: readonly DialTime[] = TAUGHT_TIMES,
): Item => {
  const shown = (): DialTime =>
    pick(
      rng,
      times.filter((time) => suits(kind, time)),
    );
  switch (kind) {
    case 'name-part':
      return { kind, part: pick(rng, CLOCK_PARTS) };
    case 'direction':
      return { kind };
    case 'hour-hand':
    case 'set-hour-hand':
    case 'read':
    case 'write-digital':
    case 'write-words':
    case 'words-to-digits':
    case 'set':
    case 'set-free':
    case 'draw':
      return { kind, shown: shown() };
    case 'choose-words':
    case 'digits-to-words': {
      const time = shown();
      return {
        kind,
        shown: time,
        options: shuffled(rng, [time, ...timeDistractors(rng, time, taught).slice(0, OPTIONS - 1)]),
      };
    }
    case 'which-of': {
      const time = shown();
      return { kind, shown: time, options: whichOf(rng, time, taught, WHICH_OF.at(-1)!) };
    }
    case 'choose-clock': {
      const time = shown();
      const wrong = faceDistractors(rng, time, taught).slice(0, OPTIONS - 1);
      return { kind, shown: time, options: shuffled(rng, [pictureAt(time), ...wrong]) };
    }
    case 'choose-writings': {
      const time = shown();
      const wrong = writingDistractors(rng, time).slice(0, 3);
      return { kind, shown: time, options: shuffled(rng, [...rightWritings(time), ...wrong]) };
    }
    case 'pair':
      return pairItem(rng, shown(), taught);
    case 'yet':
      return yetItem(rng, shown());
    case 'judge-clock':
      return {
        kind,
        clock: rng() < 0.5 ? pictureAt(shown()) : clockToFault(rng, times),
      };
    case 'mend-clock': {
      const time = shown();
      return { kind, shown: time, clock: clockToMend(rng, time) };
    }
    case 'how-long':
      return { kind, deed: pick(rng, DEEDS) };
    case 'day-order':
      return dayOrderItem(rng);
  }
};
