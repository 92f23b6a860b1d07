import { CHOICES, type Chosen } from '../../conventions/index.ts';
import { MONDAY_TO_FRIDAY, type Day, type DayOff, type SchoolCalendar, type Weekday } from '../calendar/calendar.ts';
import { DEFAULT_PACE, type Pace } from './pace.ts';

/** How far a unit goes: o'clock; o'clock and half past; quarters and five minutes too. */
export const CLASS_LEVELS = ['kindergarten', 'first-grade', 'onward'] as const;
export type ClassLevel = (typeof CLASS_LEVELS)[number];

/** What the children work with. */
export const MEDIA = ['both', 'paper', 'tablets'] as const;
export type Medium = (typeof MEDIA)[number];

/** Whole minutes a lesson may last. */
export const LESSON_MINUTES = { least: 15, most: 30 } as const;

/** Lessons a unit may have. */
export const MOST_LESSONS = 40;

/** What a teacher answers before a unit is laid out. The same answers give the same unit. */
export interface UnitChoices extends SchoolCalendar {
  /** The first lesson is on this day or the first teaching day after it. */
  readonly firstDay: Day;
  /** Whole minutes a lesson. */
  readonly minutes: number;
  readonly level: ClassLevel;
  /** O'clock first and half past later, or both together. */
  readonly order: Chosen<'teachingOrder'>;
  /** The hour hand alone comes before both hands. */
  readonly handFirst: boolean;
  readonly media: Medium;
  readonly pace: Pace;
  /** Chooses the times. */
  readonly seed: string;
}

/** Answers that make a good unit as they are. */
export const defaultChoices = (firstDay: Day, seed: string): UnitChoices => ({
  firstDay,
  ...MONDAY_TO_FRIDAY,
  minutes: 20,
  level: 'first-grade',
  order: CHOICES.teachingOrder.choices[0],
  handFirst: true,
  media: MEDIA[0],
  pace: DEFAULT_PACE,
  seed,
});

/** Is this day of the week chosen? Switches it on or off; the last one stays. */
export const toggleWeekday = (weekdays: readonly Weekday[], day: Weekday): Weekday[] => {
  const others = weekdays.filter((one) => one !== day);
  if (others.length < weekdays.length) return others.length === 0 ? [...weekdays] : others;
  return [...weekdays, day].sort((a, b) => a - b);
};

/** Days off in order of their days, those that touch the same days twice left out. */
export const sortedDaysOff = (daysOff: readonly DayOff[]): DayOff[] =>
  [...daysOff]
    .sort((a, b) => a.from.localeCompare(b.from) || a.to.localeCompare(b.to))
    .filter(({ from, to }, i, all) => i === 0 || all[i - 1]!.from !== from || all[i - 1]!.to !== to);
