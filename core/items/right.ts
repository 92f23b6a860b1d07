import { DIAL_MINUTES, angleBetween, handAngles, hourOf, wrapToDial, type DialTime } from '../clock/index.ts';
import { digital, parse, say } from '../wording/index.ts';
import { DEFAULT_CONVENTIONS, type Conventions } from '../conventions/index.ts';
import { HOW_LONG, SCHOOL_DAY } from './day.ts';
import type { Answer, Item } from './item.ts';
import { ON_PLACE, faultsOf, type ClockPicture } from './picture.ts';
import { writingsShown } from './writings.ts';

/** How far well drawn hands reach, in face units. */
export const DRAWN_REACH = { hour: 50, minute: 80 } as const;

/** Both hands as they are drawn for a time. */
export const drawnAt = (time: DialTime): Extract<Answer, { kind: 'drawn' }> => {
  const { hour, minute } = handAngles(time);
  return {
    kind: 'drawn',
    hands: [
      { angle: hour, reach: DRAWN_REACH.hour },
      { angle: minute, reach: DRAWN_REACH.minute },
    ],
  };
};

/** Does a printed clock show a time? It must be without a fault and its hands on their places, to a degree. */
export const showsTime = (picture: ClockPicture, time: DialTime): boolean => {
  const exact = handAngles(time);
  return (
    faultsOf(picture).length === 0 &&
    angleBetween(picture.hands.hour, exact.hour) <= ON_PLACE &&
    angleBetween(picture.hands.minute, exact.minute) <= ON_PLACE
  );
};

/** Is a writing a right one of this time, in a form the class takes? */
export const isWritingOf = (text: string, time: DialTime, conventions: Conventions = DEFAULT_CONVENTIONS): boolean => {
  const read = parse(text, conventions);
  return read.kind === 'time' && read.time === time;
};

/**
 * Has a time come yet? Within the same turn of the hour hand: from the target on for six hours it has, in the six hours
 * before it has not.
 */
export const hasCome = (shown: DialTime, target: DialTime): boolean => wrapToDial(shown - target) < DIAL_MINUTES / 2;

const placesWhere = <T>(list: readonly T[], holds: (one: T) => boolean): number[] =>
  list.flatMap((one, place) => (holds(one) ? [place] : []));

const rightPairs = ({ times, digitsOrder, wordsOrder }: Extract<Item, { kind: 'pair' }>): Answer => ({
  kind: 'pairs',
  pairs: times.map((_, clock) => ({ digits: digitsOrder.indexOf(clock), words: wordsOrder.indexOf(clock) })),
});

/**
 * Every right answer to an item, the usual one first; several where several are right. Hands stand exactly; what is near
 * enough is the marking's business.
 */
export const rightAnswers = (item: Item, conventions: Conventions = DEFAULT_CONVENTIONS): readonly Answer[] => {
  switch (item.kind) {
    case 'name-part':
      return [{ kind: 'part', part: item.part }];
    case 'direction':
      return [{ kind: 'direction', direction: 'clockwise' }];
    case 'hour-hand':
      return [{ kind: 'hour', hour: hourOf(item.shown) }];
    case 'read':
      return [{ kind: 'time', time: item.shown }];
    case 'set-hour-hand':
      return [{ kind: 'hour-angle', angle: handAngles(item.shown).hour }];
    case 'choose-words':
    case 'digits-to-words':
      return [{ kind: 'choice', chosen: placesWhere(item.options, (time) => time === item.shown) }];
    case 'which-of':
      return [{ kind: 'choice', chosen: placesWhere(item.options, ({ time }) => time === item.shown) }];
    case 'write-digital':
    case 'words-to-digits':
      return [
        { kind: 'text', text: digital(item.shown, conventions) },
        { kind: 'text', text: say(item.shown, conventions) },
      ];
    case 'write-words':
      return [
        { kind: 'text', text: say(item.shown, conventions) },
        { kind: 'text', text: digital(item.shown, conventions) },
      ];
    case 'set':
    case 'set-free':
    case 'mend-clock':
      return [{ kind: 'hands', ...handAngles(item.shown) }];
    case 'draw':
      return [drawnAt(item.shown)];
    case 'choose-clock':
      return [{ kind: 'choice', chosen: placesWhere(item.options, (picture) => showsTime(picture, item.shown)) }];
    case 'choose-writings':
      return [
        {
          kind: 'choice',
          chosen: placesWhere(writingsShown(item, conventions), (text) => isWritingOf(text, item.shown, conventions)),
        },
      ];
    case 'pair':
      return [rightPairs(item)];
    case 'yet':
      return [{ kind: 'yes-no', yes: hasCome(item.shown, item.target) }];
    case 'judge-clock': {
      const faults = faultsOf(item.clock);
      if (faults.length === 0) return [{ kind: 'judgement', possible: true }];
      return [
        ...faults.map((fault): Answer => ({ kind: 'judgement', possible: false, fault })),
        { kind: 'judgement', possible: false },
      ];
    }
    case 'how-long':
      return [{ kind: 'unit', unit: HOW_LONG[item.deed] }];
    case 'day-order': {
      const order = item.events.map((_, place) => place);
      return [
        { kind: 'order', order: order.sort((a, b) => SCHOOL_DAY[item.events[a]!] - SCHOOL_DAY[item.events[b]!]) },
      ];
    }
  }
};
