import { dialTime, type DialTime } from '../clock/index.ts';
import { seededRng, seedFromText, type Rng } from '../common/index.ts';
import { chooseOclockSet } from '../sets/index.ts';
import type { Skill } from '../skills/index.ts';
import { schoolDayFrom, type Day } from './calendar.ts';
import { UNIT, type LessonTemplate, type SegmentKind, type SegmentPlan } from './templates.ts';

/** A stretch of a dated lesson with its exact times. */
export interface Segment {
  readonly kind: SegmentKind;
  /** Minutes from the start of the lesson. */
  readonly startsAt: number;
  readonly minutes: number;
  readonly times: readonly DialTime[];
}

/** A lesson with its day. `key` finds its words in the message files. */
export interface PlannedLesson {
  /** Place in the unit, 1-based. */
  readonly number: number;
  readonly key: string;
  readonly kind: 'lesson' | 'check';
  readonly day: Day;
  readonly skills: readonly Skill[];
  readonly segments: readonly Segment[];
}

/** School days from one lesson to the next, in turn: three lessons a week. */
const RHYTHM = [1, 2, 2] as const;

const timesOf = (plan: SegmentPlan, rng: Rng, recent: readonly DialTime[]): readonly DialTime[] => {
  switch (plan.times.from) {
    case 'none':
      return [];
    case 'fixed':
      return plan.times.times.map(dialTime);
    case 'chosen':
      return chooseOclockSet(rng, plan.times.count, recent);
  }
};

const fillSegments = (template: LessonTemplate, rng: Rng, recent: readonly DialTime[]): Segment[] => {
  let startsAt = 0;
  return template.segments.map((plan) => {
    const segment = { kind: plan.kind, startsAt, minutes: plan.minutes, times: timesOf(plan, rng, recent) };
    startsAt += plan.minutes;
    return segment;
  });
};

/**
 * The whole unit on school days, three lessons a week.
 * @param anchor the day of the lesson numbered `anchorNumber`; on a day without school, the next school day
 * @param anchorNumber 1-based place in the unit of the lesson that falls on the anchor
 * @param seed chooses the times
 */
export const layUnit = (anchor: Day, anchorNumber: number, seed: string): PlannedLesson[] => {
  const rng = seededRng(seedFromText(seed));
  const offsets = UNIT.reduce<number[]>(
    (so, _, i) => [...so, i === 0 ? 0 : so[i - 1]! + RHYTHM[(i - 1) % RHYTHM.length]!],
    [],
  );
  const anchorOffset = offsets[anchorNumber - 1];
  if (anchorOffset === undefined) throw new RangeError(`the unit has no lesson ${anchorNumber}`);
  let recent: readonly DialTime[] = [];
  return UNIT.map((template, i) => {
    const segments = fillSegments(template, rng, recent);
    recent = segments.flatMap(({ times }) => times);
    return {
      number: i + 1,
      key: template.key,
      kind: template.kind,
      day: schoolDayFrom(anchor, offsets[i]! - anchorOffset),
      skills: template.skills,
      segments,
    };
  });
};

/** Minutes of a lesson: the sum of its segments. */
export const lessonMinutes = (segments: readonly Pick<Segment, 'minutes'>[]): number =>
  segments.reduce((sum, { minutes }) => sum + minutes, 0);
