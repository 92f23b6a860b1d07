import { wrapToDial, type DialTime } from '../clock/index.ts';
import { readAnswer, type ReadAnswer, type ReadWriting } from '../answers/index.ts';
import { answersOf, rightAnswers, type Answer, type AnswerKind, type Item } from '../items/index.ts';
import { isSame } from '../misconceptions/index.ts';
import { DEFAULT_CONVENTIONS, type Conventions } from '../conventions/index.ts';
import type { Finding, Marking } from './findings.ts';
import { hourFinding, markDrawn, markFree, markGeared, markHourAlone, ruleFindings } from './hands.ts';

type Timed = Item & { readonly shown: DialTime };

const markTime = (item: Timed, time: DialTime): Marking => {
  const seen = { time };
  if (time === item.shown) return { verdict: 'right', findings: [], seen };
  const rules = ruleFindings(item, { kind: 'time', time });
  return { verdict: 'wrong', findings: rules.length > 0 ? rules : hourFinding(item.shown, time), seen };
};

/** A written time: strictly as it stands. A fault is named beside the rules it may come from. */
const markText = (item: Timed, answer: ReadWriting): Marking => {
  const { text, written: read } = answer;
  if (read.kind === 'time') {
    if (item.kind === 'read') return { ...markTime(item, read.time), seen: { time: read.time, text } };
    const seen = { time: read.time, text };
    if (read.time === item.shown) return { verdict: 'right', findings: [], seen };
    const rules = ruleFindings(item, answer);
    return { verdict: 'wrong', findings: rules.length > 0 ? rules : hourFinding(item.shown, read.time), seen };
  }
  const fault: Finding = { kind: 'writing', fault: read.fault };
  const seen = { text, ...(read.meant !== undefined && { time: read.meant }) };
  if (read.fault === 'not-a-time') return { verdict: 'unreadable', findings: [fault], seen };
  return { verdict: 'wrong', findings: [...ruleFindings(item, answer), fault], seen };
};

/** Chosen options against the right ones: all of them and no other. */
const markChoice = (item: Item, answer: Extract<ReadAnswer, { kind: 'choice' }>, right: Answer): Marking => {
  const wanted = right.kind === 'choice' ? right.chosen : [];
  const leftOut = wanted.filter((place) => !answer.chosen.includes(place)).length;
  const wronglyTaken = answer.chosen.filter((place) => !wanted.includes(place)).length;
  if (leftOut + wronglyTaken === 0) return { verdict: 'right', findings: [], seen: {} };
  const rules = ruleFindings(item, answer);
  return {
    verdict: 'wrong',
    findings: rules.length > 0 ? rules : [{ kind: 'choice', leftOut, wronglyTaken }],
    seen: {},
  };
};

const refuseOdd = (value: number): void => {
  if (!Number.isFinite(value)) throw new RangeError(`hands at ${value} are not finite`);
};
/** The kinds in which an answer of some reading may have been given. */
const givenAs = (read: ReadAnswer): readonly AnswerKind[] => {
  if (read.kind === 'writing') return ['text'];
  return read.kind === 'drawing' ? ['drawn', 'strokes'] : [read.kind];
};
const check = (item: Item, answer: ReadAnswer): void => {
  const kinds = givenAs(answer);
  if (!kinds.some((kind) => answersOf(item.kind).includes(kind)))
    throw new RangeError(`a ${kinds[0]!} answer does not belong to a ${item.kind} item`);
  if (answer.kind === 'hands') {
    refuseOdd(answer.hour);
    refuseOdd(answer.minute);
  } else if (answer.kind === 'hour-angle') {
    refuseOdd(answer.angle);
  } else if (answer.kind === 'drawing') {
    for (const { angle, reach } of answer.hands) {
      refuseOdd(angle);
      refuseOdd(reach);
    }
  }
};

/**
 * Judges an answer to an item.
 * @param answer as it was read; hand angles in degrees clockwise from 12; reaches in face units; times in minutes after twelve
 * @throws RangeError when the answer's kind does not belong to the item's kind, or an angle is not finite
 */
export const mark = (item: Item, answer: ReadAnswer, conventions: Conventions = DEFAULT_CONVENTIONS): Marking => {
  if (answer.kind === 'observed') return { verdict: answer.got ? 'right' : 'wrong', findings: [], seen: {} };
  // Left empty is not known, and what nobody can read says nothing.
  if (answer.kind === 'no-answer')
    return { verdict: answer.why === 'empty' ? 'wrong' : 'unreadable', findings: [], seen: {} };
  check(item, answer);
  switch (answer.kind) {
    case 'time':
      return markTime(item as Timed, answer.time);
    case 'writing':
      return markText(item as Timed, answer);
    case 'hands':
      return item.kind === 'set' ? markGeared(item, answer) : markFree(item as Timed, answer, conventions);
    case 'hour-angle':
      return markHourAlone(item as Timed, answer, conventions);
    case 'drawing':
      return markDrawn(item as Timed, answer, conventions);
    default: {
      const right = rightAnswers(item, conventions);
      if (answer.kind === 'choice') return markChoice(item, answer, right[0]!);
      if (right.some((one) => isSame(item, answer, one))) return { verdict: 'right', findings: [], seen: {} };
      const rules = ruleFindings(item, answer);
      const hour =
        item.kind === 'hour-hand' && answer.kind === 'hour'
          ? hourFinding(item.shown, wrapToDial(answer.hour * 60))
          : [];
      return { verdict: 'wrong', findings: rules.length > 0 ? rules : hour, seen: {} };
    }
  }
};

/** An answer read and judged, by what the class it was given in has agreed on. */
export interface ReadAndMarked extends Marking {
  readonly read: ReadAnswer;
}

/**
 * Reads an answer as it was given, and judges it.
 * @throws RangeError as `mark`
 */
export const readAndMark = (item: Item, answer: Answer, conventions: Conventions): ReadAndMarked => {
  const read = readAnswer(answer, conventions);
  return { read, ...mark(item, read, conventions) };
};
