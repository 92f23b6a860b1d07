import type { DialTime } from '../../clock/index.ts';
import type { Rng } from '../../common/index.ts';
import { timeOfItem, type ItemKind } from '../../items/index.ts';
import { suits } from '../../making/index.ts';
import { holdsAt, type Practised, type Recall, type Thing } from '../../recall/index.ts';
import { TIMES_OF_GROUP, chooseTimes, type TimeGroup } from '../../sets/index.ts';
import { skillOfItem, type Skill } from '../../skills/index.ts';
import type { Day } from '../calendar/calendar.ts';
import type { PlannedLesson, Segment } from './segment.ts';

/** The skill that reading a time aloud takes: a warm-up is said, not set or written. */
export const skillOfReading = (time: DialTime): Skill => skillOfItem({ kind: 'read', shown: time });

/** Skills and times that some segments ask about. */
const thingsIn = (segments: readonly Segment[]): Thing[] => [
  ...new Set(
    segments.flatMap(({ items }) =>
      items.flatMap((item): Thing[] => {
        const time = timeOfItem(item);
        return time === undefined ? [skillOfItem(item)] : [skillOfItem(item), time];
      }),
    ),
  ),
];

/** What lessons bring up on their days, those that were left out not. */
export const practisedIn = (lessons: readonly Pick<PlannedLesson, 'day' | 'segments' | 'outcome'>[]): Practised[] =>
  lessons
    .filter(({ outcome }) => outcome !== 'left-out')
    .map(({ day, segments }) => ({ day, things: thingsIn(segments) }));

/** What a warm-up is chosen from. */
export interface WarmUpWishes {
  readonly recall: Recall;
  /** The day of the lesson. */
  readonly day: Day;
  /** Groups of times taught before. */
  readonly groups: readonly TimeGroup[];
  readonly tasks: readonly ItemKind[];
  readonly count: number;
  /** Times wanted above others; passed over where they are too few. */
  readonly wanted?: ((time: DialTime) => boolean) | undefined;
}

/** How well a time that is read aloud holds on a day, 0..1. */
export const holdsRead = (recall: Recall, time: DialTime, day: Day): number =>
  holdsAt(recall, skillOfReading(time), time, day);

/** The times of a warm-up: those that have faded most by the day of the lesson, in an order nobody can count along. */
export const warmUpTimes = (rng: Rng, { recall, day, groups, tasks, count, wanted }: WarmUpWishes): DialTime[] => {
  const mayCome = (time: DialTime): boolean => tasks.every((task) => suits(task, time));
  const all = groups.flatMap((group) => TIMES_OF_GROUP[group]).filter(mayCome);
  const narrowed = wanted !== undefined && all.filter(wanted).length >= count ? wanted : () => true;
  return chooseTimes(rng, {
    count,
    groups,
    inTurns: false,
    hardLate: true,
    recency: (time) => holdsRead(recall, time, day),
    uses: () => 0,
    suits: (time) => mayCome(time) && narrowed(time),
  });
};
