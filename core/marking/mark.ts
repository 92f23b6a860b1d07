import {
  DIAL_MINUTES,
  angleBetween,
  handAngles,
  hourOf,
  readHands,
  wrapToDial,
  type DialTime,
  type HandAngles,
} from '../clock/index.ts';
import type { Answer, Item } from '../items/index.ts';
import { explain, predict, WRONG_RULES, isInvisible, type WrongRule } from '../misconceptions/index.ts';
import { TOLERANCES } from './tolerances.ts';

/** What an answer is worth. `nearly`: the idea is there, the hand was let go a little too early or too late. */
export const VERDICTS = ['right', 'nearly', 'wrong'] as const;
export type Verdict = (typeof VERDICTS)[number];

/**
 * What was seen in an answer that is not right.
 * - `rule`: a wrong rule leads to exactly this answer
 * - `minute-hand-off`: the hour is right, the minute hand strays by so many whole minutes (positive: past its place)
 * - `hour-off`: another hour was named or set
 */
export type Finding =
  | { readonly kind: 'rule'; readonly rule: WrongRule; readonly answered: DialTime }
  | { readonly kind: 'minute-hand-off'; readonly minutes: number }
  | { readonly kind: 'hour-off'; readonly askedHour: number; readonly answeredHour: number };

/** An answer judged. Findings are empty when it is right, or wrong with nothing to be seen in it. */
export interface Marking {
  readonly verdict: Verdict;
  readonly findings: readonly Finding[];
}

const RIGHT: Marking = { verdict: 'right', findings: [] };
const rules = (found: readonly WrongRule[], answered: DialTime): Finding[] =>
  found.map((rule) => ({ kind: 'rule', rule, answered }));
const hourOff = (asked: DialTime, answered: DialTime): Finding[] =>
  hourOf(asked) === hourOf(answered)
    ? []
    : [{ kind: 'hour-off', askedHour: hourOf(asked), answeredHour: hourOf(answered) }];

const markTime = (item: Item & { shown: DialTime }, answered: DialTime): Marking => {
  if (answered === item.shown) return RIGHT;
  const found = rules(explain(item, answered), answered);
  return { verdict: 'wrong', findings: found.length > 0 ? found : hourOff(item.shown, answered) };
};

/** Rules whose hands these are, each hand within tolerance of a place the rule foretells. */
const rulesOfHands = (item: Item, hands: HandAngles): WrongRule[] =>
  WRONG_RULES.filter(
    (rule) =>
      !isInvisible(rule, item) &&
      predict(rule, item).some((time) => {
        const foretold = handAngles(time);
        return (
          angleBetween(hands.minute, foretold.minute) <= TOLERANCES.minuteHand &&
          angleBetween(hands.hour, foretold.hour) <= TOLERANCES.hourHand
        );
      }),
  );

const markHands = (item: Item & { shown: DialTime }, hands: HandAngles): Marking => {
  const wanted = handAngles(item.shown);
  const minuteOff = angleBetween(hands.minute, wanted.minute);
  const hourOffDegrees = angleBetween(hands.hour, wanted.hour);
  if (minuteOff <= TOLERANCES.minuteHand && hourOffDegrees <= TOLERANCES.hourHand) return RIGHT;
  const answered = readHands(hands).time;
  // A geared hour hand strays one twelfth of the minute hand's stray, so its own tolerance covers a near miss too.
  if (minuteOff <= TOLERANCES.minuteHandNearly && hourOffDegrees <= TOLERANCES.hourHand) {
    const past = wrapToDial(answered - item.shown);
    return {
      verdict: 'nearly',
      findings: [{ kind: 'minute-hand-off', minutes: past < DIAL_MINUTES / 2 ? past : past - DIAL_MINUTES }],
    };
  }
  const found = rules(rulesOfHands(item, hands), answered);
  return { verdict: 'wrong', findings: found.length > 0 ? found : hourOff(item.shown, answered) };
};

/**
 * Judges an answer to an item.
 * @param answer hand angles in degrees clockwise from 12; times in minutes after twelve; hours 1..12
 * @throws RangeError when the answer's kind does not belong to the item's kind, or an angle is not finite
 */
export const mark = (item: Item, answer: Answer): Marking => {
  if (answer.kind === 'observed') return answer.got ? RIGHT : { verdict: 'wrong', findings: [] };
  if (item.kind === 'hour-hand' && answer.kind === 'hour') {
    const asked = hourOf(item.shown);
    if (answer.hour === asked) return RIGHT;
    return { verdict: 'wrong', findings: [{ kind: 'hour-off', askedHour: asked, answeredHour: answer.hour }] };
  }
  if (item.kind === 'read' && answer.kind === 'time') return markTime(item, answer.time);
  if (item.kind === 'set' && answer.kind === 'hands') return markHands(item, answer);
  throw new RangeError(`a ${answer.kind} answer does not belong to a ${item.kind} item`);
};

/** The time an answer amounts to, to draw beside the one asked; none for an observed answer. */
export const answeredTime = (answer: Answer): DialTime | undefined => {
  switch (answer.kind) {
    case 'observed':
      return undefined;
    case 'hour':
      return wrapToDial(answer.hour * 60);
    case 'time':
      return answer.time;
    case 'hands':
      return readHands(answer).time;
  }
};
