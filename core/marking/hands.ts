import {
  DIAL_MINUTES,
  angleBetween,
  handAngles,
  handsApart,
  hourOf,
  isHalfPast,
  readHands,
  turnBetween,
  wrapToDial,
  type DialTime,
  type HandAngles,
} from '../clock/index.ts';
import { answeredTime, timeOfHourAngle, type ReadAnswer, type ReadDrawing } from '../answers/index.ts';
import { TOLERANCES, type Item } from '../items/index.ts';
import { DOUBTFUL } from '../strokes/index.ts';
import { explain, hourTolerance, isSameLength } from '../misconceptions/index.ts';
import type { Conventions } from '../conventions/index.ts';
import type { Finding, Marking, Seen } from './findings.ts';

type Timed = Item & { readonly shown: DialTime };
type Rules = Pick<Conventions, 'halfPastHand'>;

/** The wrong rules that lead to an answer, as findings. */
export const ruleFindings = (item: Item, answer: ReadAnswer): Finding[] =>
  explain(item, answer).map((rule) => ({ kind: 'rule', rule }));
/** Another hour than the one asked, as a finding; empty when the hour is the same. Both in minutes after twelve. */
export const hourFinding = (asked: DialTime, answered: DialTime): Finding[] =>
  hourOf(asked) === hourOf(answered)
    ? []
    : [{ kind: 'hour-off', askedHour: hourOf(asked), answeredHour: hourOf(answered) }];

/** Is a free or drawn hour hand where it belongs? At half past as the class asks for it: half-way, or clearly past. */
const hourHandRight = (angle: number, shown: DialTime, { halfPastHand }: Rules): boolean => {
  const exact = handAngles(shown).hour;
  if (isHalfPast(shown) && halfPastHand === 'lenient')
    return angleBetween(angle, exact) <= 15 - TOLERANCES.lenientMargin;
  return angleBetween(angle, exact) <= hourTolerance(shown);
};
const minuteHandRight = (angle: number, shown: DialTime): boolean =>
  angleBetween(angle, handAngles(shown).minute) <= TOLERANCES.minuteHand;

const seenHands = (hands: HandAngles): Seen => ({
  hourAngle: hands.hour,
  minuteAngle: hands.minute,
  time: readHands(hands).time,
});

/** A geared clock: its hour hand follows, so the minute hand's stray tells how near it came. */
export const markGeared = (item: Timed, hands: Extract<ReadAnswer, { kind: 'hands' }>): Marking => {
  const wanted = handAngles(item.shown);
  const seen = seenHands(hands);
  const minuteOff = angleBetween(hands.minute, wanted.minute);
  const hourRight = angleBetween(hands.hour, wanted.hour) <= TOLERANCES.hourHandOclock;
  if (minuteOff <= TOLERANCES.minuteHand && hourRight) return { verdict: 'right', findings: [], seen };
  // A geared hour hand strays one twelfth of the minute hand's stray, so its own tolerance covers a near miss too.
  if (minuteOff <= TOLERANCES.minuteHandNearly && hourRight) {
    const past = wrapToDial(seen.time! - item.shown);
    const minutes = past < DIAL_MINUTES / 2 ? past : past - DIAL_MINUTES;
    return { verdict: 'nearly', findings: [{ kind: 'minute-hand-off', minutes }], seen };
  }
  const rules = ruleFindings(item, hands);
  return { verdict: 'wrong', findings: rules.length > 0 ? rules : hourFinding(item.shown, seen.time!), seen };
};

/** An hour hand that was put alone. A wrong rule comes before "nearly". */
export const markHourAlone = (
  item: Timed,
  { angle }: Extract<ReadAnswer, { kind: 'hour-angle' }>,
  rules: Rules,
): Marking => {
  const seen: Seen = { hourAngle: angle };
  if (hourHandRight(angle, item.shown, rules)) return { verdict: 'right', findings: [], seen };
  const found = ruleFindings(item, { kind: 'hour-angle', angle });
  if (found.length > 0) return { verdict: 'wrong', findings: found, seen };
  const degrees = Math.round(turnBetween(handAngles(item.shown).hour, angle));
  const near = Math.abs(degrees) <= TOLERANCES.drawnHourNearly;
  const named = near ? [] : hourFinding(item.shown, timeOfHourAngle(angle));
  const off: Finding[] = [{ kind: 'hour-hand-off', degrees }];
  return { verdict: near ? 'nearly' : 'wrong', findings: named.length > 0 ? named : off, seen };
};

/** Strays of two free hands as findings, those alone that are not on their place. */
const strays = (hands: HandAngles, shown: DialTime, rules: Rules): Finding[] => {
  const wanted = handAngles(shown);
  const found: Finding[] = [];
  if (!minuteHandRight(hands.minute, shown))
    found.push({ kind: 'minute-hand-off', minutes: Math.round(turnBetween(wanted.minute, hands.minute) / 6) });
  if (!hourHandRight(hands.hour, shown, rules))
    found.push({ kind: 'hour-hand-off', degrees: Math.round(turnBetween(wanted.hour, hands.hour)) });
  return found;
};

/**
 * Two hands that were put or drawn one by one. A wrong rule comes before "nearly": on the numeral at half past is not
 * half-way missed by a little.
 */
const markPair = (
  item: Timed,
  hands: HandAngles,
  answer: ReadAnswer,
  rules: Rules,
): Pick<Marking, 'verdict' | 'findings'> => {
  if (minuteHandRight(hands.minute, item.shown) && hourHandRight(hands.hour, item.shown, rules))
    return { verdict: 'right', findings: [] };
  const found = ruleFindings(item, answer);
  if (found.length > 0) return { verdict: 'wrong', findings: found };
  const wanted = handAngles(item.shown);
  const near =
    angleBetween(hands.minute, wanted.minute) <= TOLERANCES.drawnMinuteNearly &&
    angleBetween(hands.hour, wanted.hour) <= TOLERANCES.drawnHourNearly;
  const off = strays(hands, item.shown, rules);
  if (near) return { verdict: 'nearly', findings: off };
  const named = hourFinding(item.shown, readHands(hands).time);
  return { verdict: 'wrong', findings: named.length > 0 ? named : off };
};

/** Two hands that turn by themselves; which is which is known. */
export const markFree = (item: Timed, hands: Extract<ReadAnswer, { kind: 'hands' }>, rules: Rules): Marking => ({
  ...markPair(item, hands, hands, rules),
  seen: seenHands(hands),
});

const odd = (problem: Extract<Finding, { kind: 'drawing' }>['problem']): Finding => ({ kind: 'drawing', problem });

const seenReaches = (answer: ReadDrawing): Seen => {
  const [hour, minute] = answer.hands;
  const time = answeredTime(answer);
  return {
    ...(hour && { hourAngle: hour.angle, hourReach: hour.reach }),
    ...(minute && { minuteAngle: minute.angle, minuteReach: minute.reach }),
    ...(time !== undefined && { time }),
  };
};

/** One line only: the hand that was drawn, unless both hands lie there and nobody can tell. */
const markOneHand = (item: Timed, answer: ReadDrawing): Marking => {
  const [hand] = answer.hands;
  const seen = seenReaches(answer);
  const both = handAngles(item.shown).minute;
  if (handsApart(item.shown) <= TOLERANCES.hourHandHalfPast && angleBetween(hand!.angle, both) <= TOLERANCES.minuteHand)
    return { verdict: 'unreadable', findings: [odd('hands-coincide')], seen };
  return { verdict: 'wrong', findings: [odd('one-hand'), ...ruleFindings(item, answer)], seen };
};

/**
 * A drawing by its hands, the shorter first. What cannot be read, and what was read with doubt, is nobody's fault: it is looked at, and
 * nothing is said of why.
 */
export const markDrawn = (item: Timed, answer: ReadDrawing, rules: Rules): Marking => {
  const [shorter, longer] = answer.hands;
  if (shorter === undefined) return { verdict: 'unreadable', findings: [odd(answer.problem ?? 'nothing')], seen: {} };
  if (answer.confidence < DOUBTFUL)
    return { verdict: 'unreadable', findings: [odd('doubtful')], seen: seenReaches(answer) };
  if (longer === undefined) return markOneHand(item, answer);
  const hands = { hour: shorter.angle, minute: longer.angle };
  const seen = seenReaches(answer);
  if (isSameLength(answer.hands))
    return { verdict: 'wrong', findings: [odd('same-length'), ...ruleFindings(item, answer)], seen };
  const marked = markPair(item, hands, answer, rules);
  if (!answer.offCentre) return { verdict: marked.verdict, findings: marked.findings, seen };
  return {
    verdict: marked.verdict === 'right' ? 'nearly' : marked.verdict,
    findings: [odd('off-centre'), ...marked.findings],
    seen,
  };
};
