import { TAUGHT_TIMES, isTaught, type DialTime } from '../clock/index.ts';
import { rightAnswers, type Answer, type Item, type ItemKind } from '../items/index.ts';
import {
  READS_AS,
  isInvisible,
  isSameForetold,
  predict,
  type Prediction,
  type WrongRule,
} from '../misconceptions/index.ts';
import { SLIP } from './slip.ts';
import type { PartState } from './parts.ts';

/** What besides reading a task asks for. */
export type Besides = 'nothing' | 'drawing' | 'writing';
/** What each kind of task asks for; `reads`: is a clock read in it, or looked for by what it reads as? */
export const ASKS: Readonly<Record<ItemKind, { readonly besides: Besides; readonly reads: boolean }>> = {
  'name-part': { besides: 'nothing', reads: true },
  direction: { besides: 'nothing', reads: true },
  'hour-hand': { besides: 'nothing', reads: true },
  'set-hour-hand': { besides: 'drawing', reads: false },
  read: { besides: 'nothing', reads: true },
  'choose-words': { besides: 'nothing', reads: true },
  'write-digital': { besides: 'writing', reads: true },
  'write-words': { besides: 'writing', reads: true },
  'words-to-digits': { besides: 'writing', reads: false },
  // No clock is there, but who has no idea of times guesses here, too.
  'digits-to-words': { besides: 'nothing', reads: true },
  set: { besides: 'drawing', reads: false },
  'set-free': { besides: 'drawing', reads: false },
  draw: { besides: 'drawing', reads: false },
  'choose-clock': { besides: 'drawing', reads: true },
  'which-of': { besides: 'nothing', reads: true },
  'choose-writings': { besides: 'writing', reads: true },
  pair: { besides: 'nothing', reads: true },
  yet: { besides: 'nothing', reads: true },
  'judge-clock': { besides: 'drawing', reads: true },
  'mend-clock': { besides: 'drawing', reads: false },
  'how-long': { besides: 'nothing', reads: false },
  'day-order': { besides: 'nothing', reads: false },
};

/** Children use a wrong rule only part of the time: so often they are right all the same. */
export const RIGHT_DESPITE_RULE = 0.2;
/** Part of answers without a slip that a rule is followed in. */
const FAITH = 1 - RIGHT_DESPITE_RULE / (1 - SLIP);
/** A rule that leaves the child right as often as not. */
const HEDGED = 0.5;

/** What a state leads to without a slip: shares of right, of each place among the wrong answers, and of a guess. They sum to 1. */
export interface Does {
  readonly right: number;
  readonly own: readonly (readonly [place: number, share: number])[];
  readonly guess: number;
}
const RIGHT: Does = { right: 1, own: [], guess: 0 };
const GUESS: Does = { right: 0, own: [], guess: 1 };

export const isRule = (state: PartState): state is WrongRule => state !== 'knows' && state !== 'guesses';

/** Wrong answers some rule leads to, each once, with its place. */
const createPlaces = (item: Item) => {
  const own: Answer[] = [];
  const known = new Map<string, number>();
  return {
    own,
    placeOf: (answer: Answer): number => {
      const key = JSON.stringify(answer);
      const before = known.get(key);
      if (before !== undefined) return before;
      const same = own.findIndex((one) => isSameForetold(item, answer, one));
      const place = same >= 0 ? same : own.push(answer) - 1;
      known.set(key, place);
      return place;
    },
  };
};

/** Times that no rule says anything of. */
const isSilent = (item: Item): boolean => 'shown' in item && !isTaught(item.shown);
/** How often a rule is followed that leads to this. */
const followed = (predicted: Prediction): number => {
  if (predicted.kind === 'guess') return FAITH;
  return predicted.kind === 'answers' ? FAITH * (predicted.orRight ? 1 - HEDGED : 1) : 0;
};

type Written = Extract<Item, { kind: 'write-digital' | 'write-words' | 'words-to-digits' | 'choose-writings' }>;
const isWritten = (item: Item): item is Written => ASKS[item.kind].besides === 'writing';

/** Times a clock is read as by a rule, with their shares. */
const readAs = (rule: WrongRule, { shown }: Written): (readonly [DialTime, number])[] => {
  const read = READS_AS[rule]?.(shown);
  if (read === undefined) return [[shown, 1]];
  const share = FAITH * (read.orRight ? 1 - HEDGED : 1);
  return [[shown, 1 - share], ...read.own.map((time) => [time, share / read.own.length] as const)];
};

/** Several shares of the same kind, added up, each with its weight. */
const mixed = (parts: readonly (readonly [Does, number])[]): Does => {
  const own = new Map<number, number>();
  let [right, guess] = [0, 0];
  for (const [does, weight] of parts) {
    right += weight * does.right;
    guess += weight * does.guess;
    for (const [place, share] of does.own) own.set(place, (own.get(place) ?? 0) + weight * share);
  }
  return { right, own: [...own], guess };
};

/** What a child does with an item, by the state of its reading and of what else the item asks for. */
export const createDoing = (item: Item) => {
  const { own, placeOf } = createPlaces(item);
  const { reads } = ASKS[item.kind];
  const ofRules = new Map<WrongRule, Does>();
  /** What a rule alone leads to. */
  const doesBy = (rule: WrongRule): Does => {
    if (rule !== 'names-swapped' && isSilent(item)) return RIGHT;
    const predicted = predict(rule, item);
    const share = followed(predicted);
    if (predicted.kind === 'guess') return { right: 1 - share, own: [], guess: share };
    if (predicted.kind !== 'answers' || isInvisible(rule, item)) return RIGHT;
    return {
      right: 1 - share,
      own: predicted.own.map((answer) => [placeOf(answer), share / predicted.own.length] as const),
      guess: 0,
    };
  };
  const byRule = (rule: WrongRule): Does => {
    const does = ofRules.get(rule) ?? doesBy(rule);
    ofRules.set(rule, does);
    return does;
  };

  const writings = new Map<string, Does>();
  /** What is written of a clock that was read as a time. */
  const writesOf = (time: DialTime, writing: PartState, asked: Written): Does => {
    const predicted: Prediction = isRule(writing) ? predict(writing, asked) : { kind: 'as-right' };
    const share = followed(predicted);
    const right = rightAnswers(asked)[0]!;
    // Among options that time may not stand at all.
    const isThere = right.kind !== 'choice' || right.chosen.length > 0;
    const plain: Does =
      time === (item as Written).shown ? RIGHT : isThere ? { right: 0, own: [[placeOf(right), 1]], guess: 0 } : GUESS;
    const wrong: Does =
      predicted.kind === 'answers'
        ? {
            right: 0,
            own: predicted.own.map((answer) => [placeOf(answer), 1 / predicted.own.length] as const),
            guess: 0,
          }
        : GUESS;
    return mixed([
      [plain, 1 - share],
      [wrong, share],
    ]);
  };
  const written = (time: DialTime, writing: PartState, asked: Written): Does => {
    const key = `${writing} ${time}`;
    const does = writings.get(key) ?? writesOf(time, writing, asked);
    writings.set(key, does);
    return does;
  };
  /** "530" for 4:30 by who names the coming hour and leaves the dots out. */
  const writes = (reading: PartState, writing: PartState, asked: Written): Does => {
    if (!reads || reading === 'knows') return written(asked.shown, writing, asked);
    if (isRule(reading))
      return mixed(
        readAs(reading, asked).map(([time, share]) => [written(time, writing, { ...asked, shown: time }), share]),
      );
    if (asked.kind === 'choose-writings') return GUESS;
    // Of a guessed time nothing is foretold but that it may be the right one.
    const lucky = 1 / TAUGHT_TIMES.length;
    return mixed([
      [written(asked.shown, writing, asked), lucky],
      [GUESS, 1 - lucky],
    ]);
  };

  return {
    /** Wrong answers that some rule leads to, as far as they were asked for. */
    own,
    of: (reading: PartState, other: PartState): Does => {
      if (other === 'guesses') return GUESS;
      if (isWritten(item)) return isSilent(item) ? RIGHT : writes(reading, other, item);
      const byOther = isRule(other) ? byRule(other) : RIGHT;
      if (reading === 'guesses') return reads ? GUESS : byOther;
      // What is read wrongly is set and drawn wrongly: no room is left for how it is drawn.
      const byReading = isRule(reading) ? byRule(reading) : RIGHT;
      return byReading === RIGHT ? byOther : byReading;
    },
  };
};
