import { angleBetween, isHalfPast, type DialTime, type HandAngles } from '../clock/index.ts';
import type { ReadAnswer } from '../answers/index.ts';
import { TOLERANCES, type Answer, type DrawnHand } from '../items/index.ts';
import { parse, type ParsedWriting } from '../wording/index.ts';

/** Degrees the hour hand may stray for a task about a time. */
export const hourTolerance = (shown: DialTime): number =>
  isHalfPast(shown) ? TOLERANCES.hourHandHalfPast : TOLERANCES.hourHandOclock;

/** Are both hands where they are foretold, within the tolerances of a task about `shown`? */
export const sameHands = (given: HandAngles, foretold: HandAngles, shown: DialTime): boolean =>
  angleBetween(given.minute, foretold.minute) <= TOLERANCES.minuteHand &&
  angleBetween(given.hour, foretold.hour) <= hourTolerance(shown);

/** Are two drawn hands of one length? The shorter is given first. */
export const isSameLength = ([shorter, longer]: readonly DrawnHand[]): boolean =>
  shorter !== undefined && longer !== undefined && longer.reach < shorter.reach * TOLERANCES.lengthRatio;

/** Writings read before: an answer is held against the same few foretold ones, and these against every answer. */
const readBefore = new Map<string, ParsedWriting>();
const REMEMBERED = 2000;
const read = (text: string): ParsedWriting => {
  const known = readBefore.get(text);
  if (known !== undefined) return known;
  if (readBefore.size >= REMEMBERED) readBefore.clear();
  const fresh = parse(text);
  readBefore.set(text, fresh);
  return fresh;
};

/** The time that is written; a form the class does not use is one too. */
const timeWritten = (written: ParsedWriting): DialTime | undefined =>
  written.kind === 'time' ? written.time : written.fault === 'other-form' ? written.meant : undefined;

/** Are these two writings the same time, or the same fault with the same time meant? */
const sameRead = (a: ParsedWriting, b: ParsedWriting): boolean => {
  const [one, other] = [timeWritten(a), timeWritten(b)];
  if (one !== undefined || other !== undefined || a.kind === 'time' || b.kind === 'time') return one === other;
  return a.fault === b.fault && a.meant === b.meant && a.fault !== 'not-a-time';
};
/** The same of two texts, in digits. */
export const sameWriting = (given: string, foretold: string): boolean => sameRead(read(given), read(foretold));

/** Is a text a right writing of a time, by the usual conventions? */
export const isTimeWritten = (text: string, time: DialTime): boolean => {
  const written = read(text);
  return written.kind === 'time' && written.time === time;
};

/** The time of an answer to a reading task, said or written. */
const timeGiven = (given: ReadAnswer): DialTime | undefined => {
  if (given.kind === 'time') return given.time;
  return given.kind === 'writing' ? timeWritten(given.written) : undefined;
};

const sameList = (a: readonly number[], b: readonly number[]): boolean =>
  a.length === b.length && a.every((value, i) => value === b[i]);
const sorted = (list: readonly number[]): number[] => [...list].sort((a, b) => a - b);

/**
 * Is an answer that needs no tolerance the same as another? Answers of different kinds are not. Hands and drawings are
 * compared by `sameHands`.
 */
export const sameExactly = (given: ReadAnswer, foretold: Answer): boolean => {
  switch (foretold.kind) {
    case 'part':
      return given.kind === 'part' && given.part === foretold.part;
    case 'direction':
      return given.kind === 'direction' && given.direction === foretold.direction;
    case 'hour':
      return given.kind === 'hour' && given.hour === foretold.hour;
    case 'time':
      return timeGiven(given) === foretold.time;
    case 'text':
      return given.kind === 'writing' && sameRead(given.written, read(foretold.text));
    case 'choice':
      return given.kind === 'choice' && sameList(sorted(given.chosen), sorted(foretold.chosen));
    case 'pairs':
      return (
        given.kind === 'pairs' &&
        given.pairs.length === foretold.pairs.length &&
        given.pairs.every(
          ({ digits, words }, i) => digits === foretold.pairs[i]!.digits && words === foretold.pairs[i]!.words,
        )
      );
    case 'yes-no':
      return given.kind === 'yes-no' && given.yes === foretold.yes;
    case 'judgement':
      return (
        given.kind === 'judgement' &&
        given.possible === foretold.possible &&
        (foretold.possible || given.fault === foretold.fault)
      );
    case 'unit':
      return given.kind === 'unit' && given.unit === foretold.unit;
    case 'order':
      return given.kind === 'order' && sameList(given.order, foretold.order);
    case 'observed':
    case 'no-answer':
    case 'hands':
    case 'hour-angle':
    case 'strokes':
    case 'drawn':
      return false;
  }
};
