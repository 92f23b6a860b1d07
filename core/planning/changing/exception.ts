import { timeOf } from '../../clock/index.ts';
import type { Rng } from '../../common/index.ts';
import type { UnitChoices } from '../laying/choices.ts';
import { isOneHanded } from '../laying/history.ts';
import { brokenRules, withTime } from '../laying/rules.ts';
import { swapped } from './segmentEdits.ts';
import type { PlannedLesson, Segment } from '../laying/segment.ts';

/** The one half past at which the smaller of the two numbers is not the hour: between 12 and 1. */
const EXCEPTION = timeOf(12, 30);

/** Segments in which each child answers: a round, a ticket. */
const mayHold = ({ kind, items, times }: Segment): boolean =>
  (kind === 'show-me' || kind === 'ticket') &&
  times.some((time) => time % 60 === 30) &&
  !times.includes(EXCEPTION) &&
  !isOneHanded(items.map((item) => item.kind));

/**
 * A unit for a class that finds the hour by "the smaller number": 12:30 stands in every round and ticket with half past in
 * which it keeps the rules on times, in the place of its last time where it can.
 * @param from place of the first lesson that may change
 */
export const withException = <L extends PlannedLesson>(
  lessons: readonly L[],
  from: number,
  rng: Rng,
  choices: Pick<UnitChoices, 'pace'>,
): L[] =>
  lessons.reduce<L[]>((before, lesson, i) => {
    if (i < from) return [...before, lesson];
    const changed = lesson.segments.reduce<L>((now, _, at) => {
      const segment = now.segments[at]!;
      if (!mayHold(segment)) return now;
      const place = [...segment.times.keys()].reverse().find((candidate) => {
        const segments = now.segments.map((one, j) => (j === at ? withTime(one, candidate, EXCEPTION) : one));
        return brokenRules({ before, lesson: { ...now, segments }, at }).length === 0;
      });
      if (place === undefined) return now;
      return swapped({ lesson: now, before, rng, choices }, at, place, EXCEPTION) ?? now;
    }, lesson);
    return [...before, changed];
  }, []);
