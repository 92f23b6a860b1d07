import { TAUGHT_TIMES, type DialTime } from '../clock/index.ts';
import { shuffled, type Rng } from '../common/index.ts';
import { isWritingOf, pictureAt, pictureOf, showsTime, type ClockPicture } from '../items/index.ts';
import { WRITING_RULES, WRONG_RULES, predict, sameHands } from '../misconceptions/index.ts';
import { digital, say } from '../wording/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';

/** The first of each kind, where two that cannot be told apart are one kind. */
const distinct = <T>(list: readonly T[], same: (a: T, b: T) => boolean): T[] =>
  list.reduce<T[]>((kept, one) => (kept.some((other) => same(one, other)) ? kept : [...kept, one]), []);

/**
 * Times a child might say for a clock by a wrong rule; then any other times.
 * @param taught times children have met, o'clock and half past: nobody can choose words not heard yet
 */
export const timeDistractors = (rng: Rng, shown: DialTime, taught: readonly DialTime[] = TAUGHT_TIMES): DialTime[] => {
  const byRule = WRONG_RULES.flatMap((rule) => {
    const predicted = predict(rule, { kind: 'read', shown });
    return predicted.kind === 'answers' ? predicted.own : [];
  }).flatMap((answer) => (answer.kind === 'time' && taught.includes(answer.time) ? [answer.time] : []));
  const all = [...shuffled(rng, byRule), ...shuffled(rng, taught)];
  return [...new Set(all)].filter((time) => time !== shown);
};

/** Faces a child might take for a time by a wrong rule; then faces of other taught times. All can be told apart. */
export const faceDistractors = (
  rng: Rng,
  shown: DialTime,
  taught: readonly DialTime[] = TAUGHT_TIMES,
): ClockPicture[] => {
  const byRule = WRONG_RULES.flatMap((rule) => {
    const predicted = predict(rule, { kind: 'set-free', shown });
    return predicted.kind === 'answers' ? predicted.own : [];
  }).flatMap((answer) => (answer.kind === 'hands' ? [pictureOf({ hour: answer.hour, minute: answer.minute })] : []));
  const others = shuffled(
    rng,
    taught.filter((time) => time !== shown).map((time) => pictureAt(time)),
  );
  const same = (a: ClockPicture, b: ClockPicture): boolean => sameHands(a.hands, b.hands, shown);
  const right = pictureAt(shown);
  return distinct([...shuffled(rng, byRule), ...others], same).filter(
    (picture) => !showsTime(picture, shown) && !same(picture, right),
  );
};

/** Wrong writings of a time by a wrong rule, and right writings of other times. */
export const writingDistractors = (rng: Rng, shown: DialTime): string[] => {
  const byRule = WRITING_RULES.flatMap((rule) => {
    const predicted = predict(rule, { kind: 'write-digital', shown });
    return predicted.kind === 'answers' ? predicted.own : [];
  }).flatMap((answer) => (answer.kind === 'text' ? [answer.text] : []));
  const others = timeDistractors(rng, shown).map((time) => digital(time, DEFAULT_CONVENTIONS));
  return [...new Set([...shuffled(rng, byRule), ...others])].filter((text) => !isWritingOf(text, shown));
};

/** Right writings of a time: digits and words. */
export const rightWritings = (shown: DialTime): string[] => [
  digital(shown, DEFAULT_CONVENTIONS),
  say(shown, DEFAULT_CONVENTIONS),
];
