import { DIRECTIONS, handAngles, hourOf } from '../clock/index.ts';
import type { Conventions } from '../conventions/index.ts';
import {
  CLOCK_PARTS,
  KINDS,
  UNITS,
  drawnAt,
  type Answer,
  type AnswerKind,
  type Item,
  type ItemOf,
  writingsShown,
} from '../items/index.ts';
import { partName } from '../asking/index.ts';
import { readAndMark } from '../marking/index.ts';
import { isInBoxes, type Writing } from '../sheets/index.ts';
import { describeAnswer, findingSentence, teacherSentence } from '../reporting/index.ts';
import { digital, parse, quickEntry, say, sentence } from '../wording/index.ts';

/** Longest writing that is taken. */
const MOST_LETTERS = 60;

/** What goes beside the task when an entry is read. */
export interface EntryContext {
  readonly conventions: Conventions;
  /** How digits are asked for: in boxes with a printed colon `430` is what stands in them, and no colon is missing. */
  readonly writing: Writing;
}

/** What a teacher typed for what stands on the paper, as it was understood. */
export interface Entry {
  readonly answer: Answer;
  /** What was understood, in words: "Wrote 430, the dots are missing". */
  readonly echo: string;
}

type Options = ItemOf<'choose-words' | 'digits-to-words' | 'choose-clock' | 'which-of' | 'choose-writings'>;

const plain = (text: string): string => text.trim().toLowerCase().replaceAll(/\s+/g, ' ');
const hasOptions = (item: Item): item is Options => 'options' in item;

/** Letters of the options that were circled: `B`, `a c`, `A, C`. */
const lettersIn = (text: string, options: number): number[] | undefined => {
  const letters = plain(text).replaceAll(/[\s,;+]/g, '');
  const places = [...letters].map((letter) => letter.charCodeAt(0) - 97);
  const areAll = places.length > 0 && places.every((place) => place >= 0 && place < options);
  return areAll && new Set(places).size === places.length ? places.sort((a, b) => a - b) : undefined;
};

/** Options as they are written on the paper; a clock with hands is not. */
const optionTexts = (item: Options, conventions: Conventions): string[] => {
  switch (item.kind) {
    case 'choose-words':
    case 'digits-to-words':
      return item.options.map((time) => say(time, conventions));
    case 'choose-writings':
      return writingsShown(item, conventions);
    case 'which-of':
      return item.options.map(({ time, form }) => (form === 'digital' ? digital(time, conventions) : ''));
    case 'choose-clock':
      return item.options.map(() => '');
  }
};
/** The option that is a time, however it is written; only one may be meant. */
const timeIn = (item: Options, text: string, conventions: Conventions): number[] | undefined => {
  const time = quickEntry(text, conventions)?.time;
  const places = item.options.flatMap((option, place) => (time !== undefined && option === time ? [place] : []));
  return places.length === 1 ? places : undefined;
};
const choice = (item: Options, text: string, conventions: Conventions): Answer | undefined => {
  const written = optionTexts(item, conventions).map(plain).indexOf(plain(text));
  const chosen =
    written >= 0 && plain(text) !== ''
      ? [written]
      : (lettersIn(text, item.options.length) ?? timeIn(item, text, conventions));
  return chosen && { kind: 'choice', chosen };
};

/** Which of some words is meant: the whole word, or its beginning where no other begins so. */
const meantOf = <T>(text: string, all: readonly T[], wordOf: (one: T) => string): T | undefined => {
  const wanted = plain(text);
  const exact = all.find((one) => plain(wordOf(one)) === wanted);
  const begin = all.filter((one) => plain(wordOf(one)).startsWith(wanted));
  return exact ?? (wanted !== '' && begin.length === 1 ? begin[0] : undefined);
};

const word = (key: string, conventions: Conventions): string => sentence({ key, values: {} }, conventions);
const yesOrNo = (text: string, conventions: Conventions): boolean | undefined =>
  meantOf(text, [true, false], (yes) => word(`clock.paper.${yes ? 'yes' : 'no'}`, conventions));

/** Numbers from 1 in one text, each of them once, as places from 0. */
const placesIn = (text: string, count: number): number[] | undefined => {
  const numbers = text
    .trim()
    .split(/[\s,;–-]+/)
    .map(Number);
  const places = numbers.map((number) => number - 1);
  const isWhole =
    places.length === count && places.every((place) => Number.isInteger(place) && place >= 0 && place < count);
  return isWhole && new Set(places).size === count ? places : undefined;
};
/** Numbers under the events, from the left, as the places of the events from first to last. */
const order = (text: string, count: number): Answer | undefined => {
  const numbers = placesIn(text, count);
  return numbers && { kind: 'order', order: numbers.map((_, place) => numbers.indexOf(place)) };
};
/** For each clock the row of its digits and of its words: `12 21 33`. */
const pairs = (text: string, count: number): Answer | undefined => {
  const groups = text.trim().split(/[\s,;]+/);
  const found = groups.map((group) => /^(\d)[–-]?(\d)$/.exec(group));
  if (groups.length !== count || found.some((one) => one === null)) return undefined;
  const rows = found.map((one) => ({ digits: Number(one![1]) - 1, words: Number(one![2]) - 1 }));
  const isRow = (place: number): boolean => place >= 0 && place < count;
  return rows.every(({ digits, words }) => isRow(digits) && isRow(words)) ? { kind: 'pairs', pairs: rows } : undefined;
};

/** A writing exactly as it stands; in boxes the colon is the paper's. */
const written = (item: Item, text: string, { conventions, writing }: EntryContext): Answer => {
  const read = parse(text, conventions);
  const understood =
    isInBoxes(item, writing) && read.kind === 'fault' && read.fault === 'colon-missing'
      ? quickEntry(text, conventions)
      : undefined;
  return { kind: 'text', text: understood === undefined ? text.trim() : digital(understood.time, conventions) };
};

/** How an entry is read where a task takes such an answer. */
const answerAs = (kind: AnswerKind, item: Item, text: string, context: EntryContext): Answer | undefined => {
  const { conventions } = context;
  const time = quickEntry(text, conventions)?.time;
  switch (kind) {
    case 'text':
      return text.trim().length > MOST_LETTERS ? undefined : written(item, text, context);
    case 'time':
      return time === undefined ? undefined : { kind: 'time', time };
    case 'drawn':
    case 'strokes':
      return time === undefined ? undefined : drawnAt(time);
    case 'hands':
      return time === undefined ? undefined : { kind: 'hands', ...handAngles(time) };
    case 'hour':
      return time === undefined ? undefined : { kind: 'hour', hour: hourOf(time) };
    case 'hour-angle':
      return time === undefined ? undefined : { kind: 'hour-angle', angle: handAngles(time).hour };
    case 'choice':
      return hasOptions(item) ? choice(item, text, conventions) : undefined;
    case 'yes-no': {
      const yes = yesOrNo(text, conventions);
      return yes === undefined ? undefined : { kind: 'yes-no', yes };
    }
    case 'judgement': {
      const possible = yesOrNo(text, conventions);
      return possible === undefined ? undefined : { kind: 'judgement', possible };
    }
    case 'part': {
      const part = meantOf(text, CLOCK_PARTS, (one) => partName(one, conventions));
      return part && { kind: 'part', part };
    }
    case 'direction': {
      // The other way round is called differently in the two kinds of English, and files go from one to the other.
      const direction =
        meantOf(text, DIRECTIONS, (one) =>
          teacherSentence({ key: `teacher.answered.${one}`, values: {} }, conventions),
        ) ?? (/^(anti|counter)/.test(plain(text)) ? 'anticlockwise' : undefined);
      return direction && { kind: 'direction', direction };
    }
    case 'unit': {
      // "A second" may be typed without its article.
      const unit =
        meantOf(text, UNITS, (one) => word(`clock.units.${one}`, conventions)) ??
        meantOf(text, UNITS, (one) => word(`clock.units.${one}`, conventions).split(' ').at(-1)!);
      return unit && { kind: 'unit', unit };
    }
    case 'pairs':
      return item.kind === 'pair' ? pairs(text, item.times.length) : undefined;
    case 'order':
      return item.kind === 'day-order' ? order(text, item.events.length) : undefined;
    case 'observed':
    case 'no-answer':
      return undefined;
  }
};

/** An answer said back, with what is to be said of it: "Wrote 430, the dots are missing". */
export const echoOf = (item: Item, answer: Answer, conventions: Conventions): string => {
  const { read, findings } = readAndMark(item, answer, conventions);
  return [
    describeAnswer(item, read, conventions),
    ...findings.map((finding) => findingSentence(finding, conventions)),
  ].join(', ');
};

/**
 * What a teacher typed for what stands on the paper: a writing exactly as the child wrote it where it wrote, otherwise leniently a
 * time, the letters circled, a word or its beginning. `-` is left empty, `?` cannot be read.
 * @returns nothing where it cannot be understood
 */
export const readEntry = (item: Item, text: string, context: EntryContext): Entry | undefined => {
  const said = (answer: Answer): Entry => ({ answer, echo: echoOf(item, answer, context.conventions) });
  switch (text.trim()) {
    case '':
      return undefined;
    case '-':
    case '–':
      return said({ kind: 'no-answer', why: 'empty' });
    case '?':
      return said({ kind: 'no-answer', why: 'illegible' });
  }
  const answer = answerAs(KINDS[item.kind].answers[0], item, text, context);
  return answer && said(answer);
};
