import { handAngles, isPossible, isTaught, readHands, type DialTime } from '../clock/index.ts';
import {
  DRAWN_REACH,
  faultsOf,
  hasCome,
  rightAnswers,
  type Answer,
  type ClockFault,
  type ClockPicture,
  type Item,
  type ItemOf,
} from '../items/index.ts';
import { digital, say } from '../wording/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { DRAW, PICKS_RIGHT, type DrawnClock } from './drawing.ts';
import { WRITING_RULES, type Own, type WrongRule } from './names.ts';
import { READ, READ_HOUR, SET } from './reading.ts';
import { isTimeWritten, sameHands, sameWriting } from './same.ts';
import { WRITE } from './writing.ts';

/**
 * What a child who follows a rule gives to an item.
 * - `answers`: these, the likeliest first; with `orRight` also the right one
 * - `as-right`: the same as a knowing child
 * - `guess`: what the child looks for is not among the options, so nobody can say
 * - `not-applicable`: the rule says nothing about this kind of task
 */
export type Prediction =
  | { readonly kind: 'answers'; readonly own: readonly Answer[]; readonly orRight: boolean }
  | { readonly kind: 'as-right' }
  | { readonly kind: 'guess' }
  | { readonly kind: 'not-applicable' };

const AS_RIGHT: Prediction = { kind: 'as-right' };
const NOT_APPLICABLE: Prediction = { kind: 'not-applicable' };

/** A procedure's answers as answers to an item; none where the rule leads to the right one. */
const answers = <T>(found: Own<T> | undefined, asAnswer: (one: T) => Answer): Prediction =>
  found === undefined ? AS_RIGHT : { kind: 'answers', own: found.own.map(asAnswer), orRight: found.orRight === true };

const timeAnswer = (time: DialTime): Answer => ({ kind: 'time', time });
const textAnswer = (text: string): Answer => ({ kind: 'text', text });
const plain = (time: DialTime): string => digital(time, { digitalForm: '4:30' });
const isWritingRule = (rule: WrongRule): boolean => (WRITING_RULES as readonly WrongRule[]).includes(rule);

const drawn = ({ hour, minute, sameLength, offCentre, only }: DrawnClock): Answer => {
  const short = { angle: hour, reach: sameLength ? DRAWN_REACH.minute : DRAWN_REACH.hour };
  const long = { angle: minute, reach: DRAWN_REACH.minute };
  const hands = only === undefined ? [short, long] : only === 'hour' ? [short] : [long];
  return { kind: 'drawn', hands, ...(offCentre && { offCentre }) };
};

/** Two hands of fixed lengths can be put anywhere, but not left out, made equal or off their axle. */
const freeHands = (found: Own<DrawnClock> | undefined): Prediction => {
  if (found === undefined) return AS_RIGHT;
  const possible = found.own.filter(({ sameLength, offCentre, only }) => !sameLength && !offCentre && !only);
  if (possible.length === 0) return AS_RIGHT;
  return answers({ ...found, own: possible }, ({ hour, minute }) => ({ kind: 'hands', hour, minute }));
};

/** Different sets of places, the first of each that are alike. */
const differentSets = (sets: readonly (readonly number[])[]): number[][] => [
  ...new Map(sets.map((set) => [...new Set(set)].sort((a, b) => a - b)).map((set) => [set.join(' '), set])).values(),
];

/**
 * The options a child would take who looks for these: a guess when none is there, as a knowing child where all of them are
 * right.
 * @param besides right options it takes as well, where several may be taken: then it takes all it finds, or some of them; none where one
 * alone is to be taken
 */
const chosen = (
  item: ItemOf<'choose-words' | 'digits-to-words' | 'choose-clock' | 'which-of' | 'choose-writings'>,
  places: readonly number[],
  besides?: readonly number[],
): Prediction => {
  if (places.length === 0) return { kind: 'guess' };
  const right = rightAnswers(item)[0]!;
  const wrong = places.filter((place) => !(right.kind === 'choice' && right.chosen.includes(place)));
  if (wrong.length === 0) return AS_RIGHT;
  return {
    kind: 'answers',
    own: differentSets(
      besides === undefined
        ? wrong.map((place) => [place])
        : [
            [...wrong, ...besides],
            ...wrong.flatMap((place) => [[place, ...besides], [place], ...besides.map((right) => [place, right])]),
            wrong,
          ],
    ).map((set): Answer => ({ kind: 'choice', chosen: set })),
    orRight: wrong.length < places.length,
  };
};

const placesWhere = <T>(options: readonly T[], holds: (one: T) => boolean): number[] =>
  options.flatMap((option, place) => (holds(option) ? [place] : []));

/** A child who cannot find the face it would draw, or reads faces wrongly, looks for one that reads as asked. */
const chooseClock = (rule: WrongRule, item: ItemOf<'choose-clock'>): Prediction => {
  const { shown, options } = item;
  if (PICKS_RIGHT.has(rule) || isWritingRule(rule)) return AS_RIGHT;
  const drawing = DRAW[rule]?.(shown);
  if (drawing !== undefined)
    return chosen(
      item,
      placesWhere(options, (option) =>
        drawing.own.some((own) => isFace(option) && sameHands(option.hands, own, shown)),
      ),
      [],
    );
  const read = READ[rule];
  if (DRAW[rule] !== undefined || read === undefined) return AS_RIGHT;
  return chosen(
    item,
    placesWhere(options, (option) => {
      const time = timeOfFace(option);
      return time !== undefined && (read(time)?.own ?? [time]).includes(shown);
    }),
    [],
  );
};
const isFace = ({ handsDrawn, equalLength }: ClockPicture): boolean => handsDrawn === 'both' && !equalLength;
const timeOfFace = (picture: ClockPicture): DialTime | undefined => {
  if (!isFace(picture) || !isPossible(picture.hands)) return undefined;
  const { time } = readHands(picture.hands);
  return isTaught(time) ? time : undefined;
};

/** Clocks with hands are read by the rule, digits as they stand. */
const whichOf = (rule: WrongRule, item: ItemOf<'which-of'>): Prediction => {
  const read = READ[rule];
  if (read === undefined) return AS_RIGHT;
  return chosen(
    item,
    placesWhere(item.options, ({ time, form }) =>
      form === 'digital' || !isTaught(time) ? time === item.shown : (read(time)?.own ?? [time]).includes(item.shown),
    ),
  );
};

const chooseWritings = (rule: WrongRule, item: ItemOf<'choose-writings'>): Prediction => {
  const { shown, options } = item;
  const forms = WRITE[rule]?.(shown);
  if (forms !== undefined) {
    // In words a child who writes digits wrongly finds the right ones.
    const inWords = placesWhere(options, (option) => isTimeWritten(option, shown) && !/\d[:.]\d/.test(option));
    const found = chosen(
      item,
      placesWhere(options, (option) => forms.own.some((own) => sameWriting(option, own))),
      inWords,
    );
    return found.kind === 'guess' && forms.orRight ? AS_RIGHT : found;
  }
  if (WRITE[rule] !== undefined) return AS_RIGHT;
  const read = READ[rule]?.(shown);
  if (read === undefined) return AS_RIGHT;
  const found = chosen(
    item,
    placesWhere(options, (option) => read.own.some((time) => isTimeWritten(option, time))),
    [],
  );
  if (found.kind === 'guess') return read.orRight ? AS_RIGHT : found;
  return found.kind === 'answers' ? { ...found, orRight: found.orRight || read.orRight === true } : found;
};

/** Clocks put to what they are read as; a guess when two are read alike or one as something that is not there. */
const pair = (rule: WrongRule, { times, digitsOrder, wordsOrder }: ItemOf<'pair'>): Prediction => {
  const read = READ[rule];
  if (read === undefined) return isWritingRule(rule) ? AS_RIGHT : NOT_APPLICABLE;
  const places = times.map((time) => times.indexOf(read(time)?.own[0] ?? time));
  if (places.includes(-1) || new Set(places).size < places.length) return { kind: 'guess' };
  const pairs = places.map((place) => ({ digits: digitsOrder.indexOf(place), words: wordsOrder.indexOf(place) }));
  return { kind: 'answers', own: [{ kind: 'pairs', pairs }], orRight: false };
};

/** A fault of a clock that looks right to a follower of the rule. */
const SEES_NOTHING_IN: Partial<Record<WrongRule, ClockFault>> = {
  'hour-hand-on-numeral': 'hour-hand-on-numeral',
  'same-length': 'equal-hands',
  'hands-swapped': 'hands-swapped',
  'lengths-swapped': 'hands-swapped',
  'one-hand': 'one-hand',
};
const judgeClock = (rule: WrongRule, { clock }: ItemOf<'judge-clock'>): Prediction => {
  const faults = faultsOf(clock);
  const blind = SEES_NOTHING_IN[rule];
  if (blind === undefined || faults.length !== 1 || faults[0] !== blind) return AS_RIGHT;
  return { kind: 'answers', own: [{ kind: 'judgement', possible: true }], orRight: false };
};

const SWAPPED_NAMES = { 'hour-hand': 'minute-hand', 'minute-hand': 'hour-hand' } as const;
const namePart = (rule: WrongRule, { part }: ItemOf<'name-part'>): Prediction => {
  if (rule !== 'names-swapped') return NOT_APPLICABLE;
  if (part !== 'hour-hand' && part !== 'minute-hand') return AS_RIGHT;
  return { kind: 'answers', own: [{ kind: 'part', part: SWAPPED_NAMES[part] }], orRight: false };
};

/** Rules by which an hour hand goes wrong where it is alone. */
const HOUR_ALONE: ReadonlySet<WrongRule> = new Set<WrongRule>([
  'coming-hour',
  'larger-number',
  'anticlockwise',
  'hour-hand-on-numeral',
  'wrong-side',
  'on-coming-numeral',
  'half-way-at-oclock',
]);
const setHourHand = (rule: WrongRule, { shown }: ItemOf<'set-hour-hand'>): Prediction =>
  HOUR_ALONE.has(rule)
    ? answers(DRAW[rule]?.(shown), ({ hour }) => ({ kind: 'hour-angle', angle: hour }))
    : NOT_APPLICABLE;

/** Rules of writing show where words are written in digits; there is no clock to be read wrongly. */
const wordsToDigits = (rule: WrongRule, { shown }: ItemOf<'words-to-digits'>): Prediction =>
  isWritingRule(rule) ? write(rule, shown, plain) : NOT_APPLICABLE;

const write = (rule: WrongRule, shown: DialTime, asText: (time: DialTime) => string): Prediction => {
  const forms = WRITE[rule]?.(shown);
  // Many papers print the colon, and then nobody can leave it out.
  if (forms !== undefined) return answers(rule === 'colon-missing' ? { ...forms, orRight: true } : forms, textAnswer);
  if (WRITE[rule] !== undefined) return AS_RIGHT;
  return answers(READ[rule]?.(shown), (time) => textAnswer(asText(time)));
};

/** What a child who follows a rule gives to an item. */
export const predict = (rule: WrongRule, item: Item): Prediction => {
  // The rules are about o'clock and half past; of other times they say nothing.
  if ('shown' in item && !isTaught(item.shown)) return NOT_APPLICABLE;
  if (rule === 'names-swapped' && item.kind !== 'name-part') return AS_RIGHT;
  switch (item.kind) {
    case 'name-part':
      return namePart(rule, item);
    case 'direction':
      return rule === 'anticlockwise'
        ? { kind: 'answers', own: [{ kind: 'direction', direction: 'anticlockwise' }], orRight: false }
        : NOT_APPLICABLE;
    case 'hour-hand':
      return READ_HOUR[rule] === undefined
        ? NOT_APPLICABLE
        : answers(READ_HOUR[rule](item.shown), (hour) => ({ kind: 'hour', hour }));
    case 'set-hour-hand':
      return setHourHand(rule, item);
    case 'read':
      return answers(READ[rule]?.(item.shown), timeAnswer);
    case 'choose-words': {
      const read = READ[rule]?.(item.shown);
      if (read === undefined) return AS_RIGHT;
      const found = chosen(
        item,
        placesWhere(item.options, (time) => read.own.includes(time)),
      );
      return read.orRight && found.kind === 'guess' ? AS_RIGHT : found;
    }
    case 'write-digital':
      return write(rule, item.shown, plain);
    case 'words-to-digits':
      return wordsToDigits(rule, item);
    case 'write-words':
      return write(rule, item.shown, (time) => say(time, DEFAULT_CONVENTIONS));
    case 'set':
      return answers(SET[rule]?.(item.shown), (time) => ({ kind: 'hands', ...handAngles(time) }));
    case 'set-free':
    case 'mend-clock':
      return freeHands(DRAW[rule]?.(item.shown));
    case 'draw':
      return answers(DRAW[rule]?.(item.shown), drawn);
    case 'choose-clock':
      return chooseClock(rule, item);
    case 'which-of':
      return whichOf(rule, item);
    case 'choose-writings':
      return chooseWritings(rule, item);
    case 'pair':
      return pair(rule, item);
    case 'yet':
      return answers(READ[rule]?.(item.shown), (time) => ({ kind: 'yes-no', yes: hasCome(time, item.target) }));
    case 'judge-clock':
      return judgeClock(rule, item);
    case 'digits-to-words':
    case 'how-long':
    case 'day-order':
      return NOT_APPLICABLE;
  }
};

/** The usual right answer, to hold a prediction against. */
export const usualRight = (item: Item): Answer => rightAnswers(item)[0]!;
