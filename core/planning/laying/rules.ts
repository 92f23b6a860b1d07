import type { DialTime } from '../../clock/index.ts';
import {
  TIMES_OF_GROUP,
  areNeighbours,
  fitsAt,
  groupOfTime,
  isCleanExample,
  isHardTime,
  laterHalf,
} from '../../sets/index.ts';
import { suits } from '../../making/index.ts';
import { groupsOf, isOneHanded, isPractice, recencies } from './history.ts';
import type { PlannedLesson, Segment } from './segment.ts';

/**
 * What may be wrong with a time in a segment.
 * - `repeated`: it is in the segment twice
 * - `counting-order`: it follows its neighbour on the dial, so that counting would do
 * - `not-taught`: its kind of time comes in a later lesson
 * - `recent`: it was practised in the last two lessons, and a fresh time would do in its place
 * - `hard-early`: hands on each other, or 12 or 6, among the first
 * - `not-clean`: the first example shown is a hard one
 * - `not-drawable`: hands that lie on each other cannot be drawn
 */
export const TIME_RULES = [
  'repeated',
  'counting-order',
  'not-taught',
  'recent',
  'hard-early',
  'not-clean',
  'not-drawable',
] as const;
export type TimeRule = (typeof TIME_RULES)[number];

/** A rule that a time at a place of a segment breaks. `other` is the time it clashes with. */
export interface BrokenRule {
  readonly rule: TimeRule;
  readonly place: number;
  readonly time: DialTime;
  readonly other?: DialTime;
}

/** A segment where it stands: in a lesson, after others. */
export interface Standing {
  readonly before: readonly Pick<PlannedLesson, 'skills' | 'segments'>[];
  readonly lesson: Pick<PlannedLesson, 'skills' | 'segments'>;
  /** Place of the segment in the lesson. */
  readonly at: number;
}

/** Where a segment of one of several lessons stands. @throws RangeError when there is no such segment */
export const standingOf = (lessons: readonly PlannedLesson[], lessonAt: number, at: number): Standing => {
  const lesson = lessons[lessonAt];
  if (lesson?.segments[at] === undefined) throw new RangeError(`there is no segment ${at} in lesson ${lessonAt}`);
  return { before: lessons.slice(0, lessonAt), lesson, at };
};

/** What the rules about a segment go by. */
const facts = ({ before, lesson, at }: Standing) => {
  const segment = lesson.segments[at]!;
  const earlier = lesson.segments.slice(0, at);
  const lately = recencies(before);
  /** A time of an earlier segment of the same lesson is no fresher. */
  const usedUp = recencies(before, earlier);
  const tasks = segment.items.map(({ kind }) => kind);
  const known = groupsOf(before);
  const taught = [...known, ...groupsOf([lesson])];
  // A round practised again on their own has the same times on purpose.
  const again =
    segment.kind === 'alone' && earlier.some(({ kind, times }) => kind === 'show-me' && same(times, segment.times));
  return { segment, lately, usedUp, tasks, known, taught, again, oneHanded: isOneHanded(tasks) };
};
const same = (a: readonly DialTime[], b: readonly DialTime[]): boolean =>
  a.length === b.length && a.every((time, i) => time === b[i]);

/** Could a time that was not practised lately stand at this place? */
const freshTimeFor = (
  times: readonly DialTime[],
  place: number,
  { tasks, usedUp, known, oneHanded }: ReturnType<typeof facts>,
): DialTime | undefined => {
  const time = times[place]!;
  return TIMES_OF_GROUP[groupOfTime(time)].find(
    (other) =>
      !usedUp.has(other) &&
      tasks.every((task) => suits(task, other)) &&
      (oneHanded || !isHardTime(other) || known.includes(groupOfTime(other))) &&
      fitsAt(times, place, other, !oneHanded),
  );
};

/** Every rule that the times of a segment break, in the order of the times; empty when all is well. */
export const brokenRules = (standing: Standing): BrokenRule[] => {
  const found = facts(standing);
  const { segment, lately, known, taught, again, oneHanded } = found;
  const { times } = segment;
  const practice = isPractice(segment) || segment.kind === 'warm-up';
  const broken = times.map((time, place): (BrokenRule | false)[] => {
    const rule = (name: TimeRule, holds: boolean, other?: DialTime): BrokenRule | false =>
      holds && { rule: name, place, time, ...(other === undefined ? {} : { other }) };
    const last = times[place - 1];
    const group = groupOfTime(time);
    const hard = !oneHanded && isHardTime(time);
    const twoHandsAsked = segment.kind !== 'show' && !oneHanded;
    return [
      rule('repeated', times.indexOf(time) < place),
      rule('counting-order', practice && last !== undefined && last !== time && areNeighbours(last, time), last),
      rule('not-taught', twoHandsAsked && !taught.includes(group)),
      rule(
        'recent',
        practice &&
          segment.kind !== 'warm-up' &&
          !again &&
          lately.has(time) &&
          freshTimeFor(times, place, found) !== undefined,
      ),
      rule('hard-early', practice && hard && (place < laterHalf(times.length) || !known.includes(group))),
      rule('not-clean', segment.kind === 'show' && place === 0 && !isCleanExample(time)),
      rule('not-drawable', segment.items[place] !== undefined && !suits(segment.items[place].kind, time)),
    ];
  });
  return broken.flat().filter((one): one is BrokenRule => one !== false);
};

/** A segment with one time swapped for another, tasks left as they are: enough to hold it against the rules. */
export const withTime = (segment: Segment, place: number, time: DialTime): Segment => ({
  ...segment,
  times: segment.times.map((one, i) => (i === place ? time : one)),
});

/** A time that could stand at a place instead, and the rules it would break there that are kept now. */
export interface Suggestion {
  readonly time: DialTime;
  readonly breaks: readonly BrokenRule[];
}

/** Rules that a time would break in the place of the one that stands there, besides those that are broken elsewhere anyway. */
export const breaksOf = (standing: Standing, place: number, time: DialTime): BrokenRule[] => {
  const key = ({ rule, place: where }: BrokenRule): string => `${rule} ${where}`;
  const already = new Set(brokenRules(standing).map(key));
  const segments = standing.lesson.segments.map((one, i) => (i === standing.at ? withTime(one, place, time) : one));
  const breaks = brokenRules({ ...standing, lesson: { ...standing.lesson, segments } });
  return breaks.filter((one) => one.place === place || !already.has(key(one)));
};

/**
 * Every time of the groups taught so far that could stand at a place instead: those that keep all rules first, then by
 * how many they break; on the dial's order among equals.
 */
export const suggestTimes = (standing: Standing, place: number): Suggestion[] => {
  const { segment, taught } = facts(standing);
  const current = segment.times[place];
  const groups = [...new Set([...taught, ...segment.times.map(groupOfTime)])];
  return groups
    .flatMap((group) => TIMES_OF_GROUP[group])
    .filter((time) => time !== current)
    .map((time) => ({ time, breaks: breaksOf(standing, place, time) }))
    .sort((a, b) => a.breaks.length - b.breaks.length || a.time - b.time);
};
