import { hourOf, isHalfPast, isOclock, type DialTime } from '../clock/index.ts';
import {
  HOW_LONG,
  faultsOf,
  rightAnswers,
  writingsShown,
  type Item,
  type ItemKind,
  type ItemOf,
} from '../items/index.ts';
import { answeredTime, readAnswer, type ReadAnswer } from '../answers/index.ts';
import { hintStep, numeralOf } from '../marking/index.ts';
import { readingQuestions, type Phrase, type WritingFault } from '../wording/index.ts';
import type { Conventions } from '../conventions/index.ts';
import { whyNot } from './whyNot.ts';
import { regionOf, type ClockRegion } from './region.ts';

/** What lights up on the task when an answer was not right. Nothing of it says the answer itself. */
export interface Light {
  /** A numeral of the clock, 1..12. */
  readonly numeral?: number;
  /** The room of an hour, 1..12: the 30 degrees that belong to it. */
  readonly room?: number;
  /** The half of the face the minute hand has gone round. */
  readonly half?: true;
  /** The way the hands go. */
  readonly way?: true;
  /** Numerals or hands, where something is not as it is on a clock. */
  readonly region?: ClockRegion;
  /** Options to look at again, by place. */
  readonly places?: readonly number[];
  /** Where the two dots belong. */
  readonly colon?: true;
}

/** The first step that went wrong: what is said of it, and what lights up. */
export interface Help {
  /** The question to ask oneself here, where a clock is read: the same as on the board. */
  readonly question?: Phrase;
  readonly sentence: Phrase;
  readonly light: Light;
}

const say = (name: string, values: Phrase['values'] = {}): Phrase => ({ key: `clock.help.${name}`, values });

/** Where a hand belongs at a time: in the hour's room, on a numeral, half way round. */
const placeOf = (hand: 'hour' | 'minute', time: DialTime): Light => {
  if (hand === 'minute') return { numeral: numeralOf('minute', time), ...(isHalfPast(time) && { half: true }) };
  return isHalfPast(time) ? { room: hourOf(time) } : { numeral: numeralOf('hour', time) };
};

/** Faults of a writing that are about the writing alone, with what helps. */
const WRITING_HELP: Partial<Record<WritingFault, { readonly name: string; readonly light: Light }>> = {
  nothing: { name: 'writeSomething', light: {} },
  'colon-missing': { name: 'colon', light: { colon: true } },
  'other-sign': { name: 'colon', light: { colon: true } },
  'one-zero': { name: 'twoDigits', light: { colon: true } },
  'minutes-missing': { name: 'twoDigits', light: { colon: true } },
  'parts-reversed': { name: 'hourFirst', light: {} },
  'hour-missing': { name: 'hourFirst', light: {} },
  'mixed-forms': { name: 'oneWay', light: {} },
  'half-without-past': { name: 'oneWay', light: {} },
  'not-a-time': { name: 'oneWay', light: {} },
};
/** Digits, with or without what stands between them: no words, so not two ways of saying it. */
const isDigits = (answer: ReadAnswer): boolean => answer.kind === 'writing' && /^[\d\s:.]+$/.test(answer.text);
const writingHelp = (answer: ReadAnswer): Help | undefined => {
  if (answer.kind !== 'writing' || answer.written.kind === 'time') return undefined;
  const { fault } = answer.written;
  const named = fault === 'not-a-time' && isDigits(answer) ? 'minutes-missing' : fault;
  const help = named === undefined ? undefined : WRITING_HELP[named];
  return help && { sentence: say(help.name), light: help.light };
};

/** A writing that was taken for right is helped with as if the child had written it. */
const chosenWritingHelp = (item: Item, place: number, conventions: Conventions): Help | undefined =>
  item.kind === 'choose-writings'
    ? writingHelp(readAnswer({ kind: 'text', text: writingsShown(item, conventions)[place]! }, conventions))
    : undefined;

/** Options taken that are wrong; where none is, that another is right too. */
const choiceHelp = (item: Item, answer: ReadAnswer, conventions: Conventions): Light => {
  const right = rightAnswers(item, conventions)[0]!;
  if (answer.kind !== 'choice' || right.kind !== 'choice') return {};
  return { places: answer.chosen.filter((place) => !right.chosen.includes(place)) };
};

const differing = (given: readonly number[], right: readonly number[]): number =>
  Math.max(
    0,
    given.findIndex((place, i) => place !== right[i]),
  );

/** Where no clock is there, what helps is about the words and the digits: the hour first, then the minutes. */
const wordsHelp = (item: ItemOf<'words-to-digits' | 'digits-to-words'>, answered: DialTime | undefined): Help => {
  const isHour = answered === undefined || hourOf(answered) !== hourOf(item.shown);
  if (item.kind === 'digits-to-words') return { sentence: say(isHour ? 'hourBefore' : 'minutesBehind'), light: {} };
  if (isHour) return { sentence: say('hourSaid'), light: {} };
  const minutes = isOclock(item.shown) ? 'noMinutes' : isHalfPast(item.shown) ? 'halfOfMinutes' : 'minutesSaid';
  return { sentence: say(minutes), light: { colon: true } };
};

/** Clocks whose digits or words do not belong to them. */
const pairHelp = (item: Extract<Item, { kind: 'pair' }>, answer: ReadAnswer): Light => {
  const right = rightAnswers(item)[0]!;
  if (answer.kind !== 'pairs' || right.kind !== 'pairs') return {};
  const wrong = right.pairs.flatMap(({ digits, words }, clock) =>
    answer.pairs[clock]?.digits === digits && answer.pairs[clock]?.words === words ? [] : [clock],
  );
  return { places: wrong.slice(0, 1) };
};

/** Kinds of task in which the clock is read: the questions while reading lead to the answer. */
const READ_FROM: ReadonlySet<ItemKind> = new Set(['hour-hand', 'read', 'choose-words', 'write-digital', 'write-words']);

/** By the reading steps of the time the task is about. */
const readingHelp = (item: Item & { readonly shown: DialTime }, answer: ReadAnswer, conventions: Conventions): Help => {
  const step = hintStep(item, answer, conventions)!;
  const light = placeOf(step.part === 'minute' ? 'minute' : 'hour', item.shown);
  if (!READ_FROM.has(item.kind)) return { sentence: step.sentence, light };
  const { question } = readingQuestions(conventions).find(({ part }) => part === step.part)!;
  return { question, sentence: step.sentence, light };
};

/**
 * What helps a child after an answer that was not right: the first step that went wrong, by the same reading steps the board
 * uses, never the answer itself.
 */
export const helpFor = (item: Item, answer: ReadAnswer, conventions: Conventions): Help => {
  switch (item.kind) {
    case 'name-part':
      return { sentence: say(`part.${item.part}`), light: {} };
    case 'direction':
      return { sentence: say('direction'), light: { way: true } };
    case 'pair':
      return { sentence: say('pair'), light: pairHelp(item, answer) };
    case 'yet':
      return {
        sentence: say('yet'),
        light: placeOf('hour', item.target),
      };
    case 'judge-clock': {
      const fault = faultsOf(item.clock)[0];
      if (fault === undefined) return { sentence: say('looksRight'), light: {} };
      const region = regionOf(fault);
      return { sentence: say(region === 'numerals' ? 'lookAtNumbers' : 'lookAtHands'), light: { region } };
    }
    case 'how-long':
      return { sentence: say(`long.${HOW_LONG[item.deed]}`), light: {} };
    case 'day-order': {
      const right = rightAnswers(item)[0]!;
      const place = answer.kind === 'order' && right.kind === 'order' ? differing(answer.order, right.order) : 0;
      return {
        sentence: say('dayOrder'),
        light: { places: answer.kind === 'order' ? [answer.order[place]!] : [] },
      };
    }
    case 'write-digital':
    case 'write-words':
      return writingHelp(answer) ?? readingHelp(item, answer, conventions);
    case 'words-to-digits':
      return writingHelp(answer) ?? wordsHelp(item, answeredTime(answer));
    case 'digits-to-words': {
      const { places = [] } = choiceHelp(item, answer, conventions);
      const { sentence, light } = wordsHelp(item, item.options[places[0] ?? -1]);
      return { sentence, light: { ...light, places } };
    }
    case 'which-of': {
      const { places = [] } = choiceHelp(item, answer, conventions);
      const taken = item.options[places[0] ?? -1];
      if (taken === undefined) return { sentence: say('another'), light: {} };
      return { sentence: whyNot(taken, item.shown, conventions), light: { places } };
    }
    case 'choose-words':
    case 'choose-clock':
    case 'choose-writings': {
      const { places = [] } = choiceHelp(item, answer, conventions);
      if (places.length === 0) return { sentence: say('another'), light: {} };
      const { light, ...said } =
        chosenWritingHelp(item, places[0]!, conventions) ?? readingHelp(item, answer, conventions);
      return { ...said, light: { ...light, places } };
    }
    default:
      return readingHelp(item, answer, conventions);
  }
};
