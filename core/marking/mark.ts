import { readHands, wrapToDial, type DialTime } from '../clock/index.ts';
import { answersOf, rightAnswers, type Answer, type Item } from '../items/index.ts';
import { isSame } from '../misconceptions/index.ts';
import { readDrawing } from '../strokes/index.ts';
import { parse } from '../wording/index.ts';
import { DEFAULT_CONVENTIONS, type Conventions } from '../conventions/index.ts';
import type { Finding, Marking } from './findings.ts';
import { hourFinding, markDrawn, markFree, markGeared, markHourAlone, ruleFindings, timeOfHourAngle } from './hands.ts';

type Timed = Item & { readonly shown: DialTime };

const markTime = (item: Timed, time: DialTime): Marking => {
  const seen = { time };
  if (time === item.shown) return { verdict: 'right', findings: [], seen };
  const rules = ruleFindings(item, { kind: 'time', time });
  return { verdict: 'wrong', findings: rules.length > 0 ? rules : hourFinding(item.shown, time), seen };
};

/** A written time: strictly as it stands. A fault is named beside the rules it may come from. */
const markText = (item: Timed, text: string, conventions: Conventions): Marking => {
  const read = parse(text, conventions);
  if (read.kind === 'time') {
    if (item.kind === 'read') return { ...markTime(item, read.time), seen: { time: read.time, text } };
    const seen = { time: read.time, text };
    if (read.time === item.shown) return { verdict: 'right', findings: [], seen };
    const rules = ruleFindings(item, { kind: 'text', text });
    return { verdict: 'wrong', findings: rules.length > 0 ? rules : hourFinding(item.shown, read.time), seen };
  }
  const fault: Finding = { kind: 'writing', fault: read.fault };
  const seen = { text, ...(read.meant !== undefined && { time: read.meant }) };
  if (read.fault === 'not-a-time') return { verdict: 'unreadable', findings: [fault], seen };
  return { verdict: 'wrong', findings: [...ruleFindings(item, { kind: 'text', text }), fault], seen };
};

const markStrokes = (item: Timed, answer: Extract<Answer, { kind: 'strokes' }>, conventions: Conventions): Marking => {
  const read = readDrawing(answer.strokes);
  if (read.kind === 'unreadable')
    return { verdict: 'unreadable', findings: [{ kind: 'drawing', problem: read.why }], seen: {} };
  const hands = read.hands.map(({ angle, reach }) => ({ angle, reach }));
  return markDrawn(item, { kind: 'drawn', hands, offCentre: read.offCentre }, conventions);
};

/** Chosen options against the right ones: all of them and no other. */
const markChoice = (item: Item, answer: Extract<Answer, { kind: 'choice' }>, right: Answer): Marking => {
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
const check = (item: Item, answer: Answer): void => {
  if (!answersOf(item.kind).includes(answer.kind))
    throw new RangeError(`a ${answer.kind} answer does not belong to a ${item.kind} item`);
  if (answer.kind === 'hands') {
    refuseOdd(answer.hour);
    refuseOdd(answer.minute);
  } else if (answer.kind === 'hour-angle') {
    refuseOdd(answer.angle);
  } else if (answer.kind === 'drawn') {
    for (const { angle, reach } of answer.hands) {
      refuseOdd(angle);
      refuseOdd(reach);
    }
  }
};

/**
 * Judges an answer to an item.
 * @param answer hand angles in degrees clockwise from 12; reaches in face units; times in minutes after twelve
 * @throws RangeError when the answer's kind does not belong to the item's kind, or an angle is not finite
 */
export const mark = (item: Item, answer: Answer, conventions: Conventions = DEFAULT_CONVENTIONS): Marking => {
  if (answer.kind === 'observed') return { verdict: answer.got ? 'right' : 'wrong', findings: [], seen: {} };
  // Left empty is not known, and what nobody can read says nothing.
  if (answer.kind === 'no-answer')
    return { verdict: answer.why === 'empty' ? 'wrong' : 'unreadable', findings: [], seen: {} };
  check(item, answer);
  switch (answer.kind) {
    case 'time':
      return markTime(item as Timed, answer.time);
    case 'text':
      return markText(item as Timed, answer.text, conventions);
    case 'hands':
      return item.kind === 'set' ? markGeared(item, answer) : markFree(item as Timed, answer, conventions);
    case 'hour-angle':
      return markHourAlone(item as Timed, answer, conventions);
    case 'drawn':
      return markDrawn(item as Timed, answer, conventions);
    case 'strokes':
      return markStrokes(item as Timed, answer, conventions);
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

/** The time an answer amounts to, to draw beside the one asked; none where it amounts to none. */
export const answeredTime = (answer: Answer): DialTime | undefined => {
  switch (answer.kind) {
    case 'hour':
      return wrapToDial(answer.hour * 60);
    case 'time':
      return answer.time;
    case 'hands':
      return readHands(answer).time;
    case 'hour-angle':
      return timeOfHourAngle(answer.angle);
    case 'text': {
      const read = parse(answer.text);
      return read.kind === 'time' ? read.time : read.meant;
    }
    case 'drawn': {
      const [hour, minute] = answer.hands;
      return hour && minute && readHands({ hour: hour.angle, minute: minute.angle }).time;
    }
    case 'strokes': {
      const read = readDrawing(answer.strokes);
      return read.kind === 'hands' ? answeredTime({ kind: 'drawn', hands: read.hands }) : undefined;
    }
    default:
      return undefined;
  }
};
