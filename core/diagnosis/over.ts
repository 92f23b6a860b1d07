import { createGrowing } from '../common/index.ts';
import { begun, withAnswers, withChange, type Belief } from './belief.ts';
import type { Clue } from './clue.ts';

/**
 * School days after which half the children who did something one way do it another: what was answered a week ago counts half. Children of
 * a class that is taught every day change about as fast; a child nobody asks does not change what is known of it.
 */
const HALF_LIFE = 5;
/** What is older counts less than two in a hundred, and is not worked through any more. */
const FORGOTTEN = 6 * HALF_LIFE;
/** Chance that a lesson about its reason has changed how a child does it. */
const TAUGHT = 0.5;

/** An answer as far as it says why, with its school day (YYYY-MM-DD). */
export interface DatedClue extends Pick<Clue, 'besides' | 'logs'> {
  readonly day: string;
}

const DAY_MS = 24 * 60 * 60 * 1000;
/** Milliseconds at which each day begins that was asked for: a class's answers ask for the same hundred again and again. */
const begins = new Map<string, number>();
const MOST_DAYS = 2000;
const beginOf = (day: string): number => {
  const known = begins.get(day);
  if (known !== undefined) return known;
  if (begins.size >= MOST_DAYS) begins.clear();
  const begin = Date.parse(day);
  begins.set(day, begin);
  return begin;
};
/** Days from Monday to Friday between two dates: holidays are not known here. */
export const schoolDaysBetween = (from: string, to: string): number => {
  const [start, end] = [beginOf(from), beginOf(to)];
  const days = Math.max(0, Math.round((end - start) / DAY_MS));
  const weekday = new Date(start).getUTCDay();
  let count = Math.floor(days / 7) * 5;
  for (let i = 1; i <= days % 7; i++) if ((weekday + i) % 7 !== 0 && (weekday + i) % 7 !== 6) count += 1;
  // Whoever works on a Saturday has had a night in between all the same.
  return days > 0 ? Math.max(1, count) : 0;
};

/** Weight of what is so many school days old, 0..1. */
export const weightOfAge = (schoolDays: number): number => 2 ** (-schoolDays / HALF_LIFE);

/** @param lessons days of lessons about reasons that were taught */
const chanceOfChange = (from: string, to: string, lessons: readonly string[]): number => {
  const taught = lessons.filter((day) => day >= from && day < to).length;
  return 1 - weightOfAge(schoolDaysBetween(from, to)) * (1 - TAUGHT) ** taught;
};

/** What is believed at the end of a day. */
export interface Evening {
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly belief: Belief;
}
/** What is believed when another day begins. */
const changedUntil = ({ day, belief }: Evening, to: string, lessons: readonly string[]): Belief =>
  withChange(belief, chanceOfChange(day, to, lessons));

/** Answers that say something, by their day. */
interface Days {
  readonly byDay: Map<string, DatedClue[]>;
  /** How many these are. */
  count: number;
  /** The last day; empty where nothing was said. */
  last: string;
}
const daysOf = createGrowing<DatedClue, Days>(
  () => ({ byDay: new Map(), count: 0, last: '' }),
  (days, answer) => {
    const { logs, day } = answer;
    if (logs === undefined) return;
    const known = days.byDay.get(day);
    if (known === undefined) days.byDay.set(day, [answer]);
    else known.push(answer);
    days.count += 1;
    if (day > days.last) days.last = day;
  },
);

/**
 * What is believed of a child at the end of each day it answered, oldest first. Answers of one day count together, in whatever order they
 * came; between two days a child may have changed.
 * @param answers of that child alone, in any order @param lessons days of lessons about reasons that were taught (YYYY-MM-DD)
 * @param from an evening that was worked out before: the days after it follow
 */
export function* beliefsByDay(
  answers: readonly DatedClue[],
  lessons: readonly string[] = [],
  from?: Evening,
): Generator<Evening> {
  const days = daysOf(answers).byDay;
  let before = from;
  for (const day of [...days.keys()].filter((one) => from === undefined || one > from.day).sort()) {
    const morning = before === undefined ? begun() : changedUntil(before, day, lessons);
    before = { day, belief: withAnswers(morning, days.get(day)!) };
    yield before;
  }
}

/** What was believed when a day began, after these answers and lessons. */
interface Morning {
  readonly earlier: readonly DatedClue[];
  readonly lessons: readonly string[];
  readonly belief: Belief;
  /** The days it was worked out from, and how many answers they had before that day. */
  days: Days;
  before: number;
}
/** By the first answer of that day: a child that answers again and again in a lesson has the same days behind it each time. */
const mornings = new WeakMap<DatedClue, Morning>();
const same = <T>(one: readonly T[], other: readonly T[]): boolean =>
  one.length === other.length && one.every((each, i) => each === other[i]);

/** The belief on the morning of the last day. What is long forgotten is left out. */
const lastMorning = (days: Days, lessons: readonly string[]): Belief => {
  const { byDay, count, last } = days;
  const today = byDay.get(last)!;
  const before = count - today.length;
  const known = mornings.get(today[0]!);
  const isAfterSame = known !== undefined && same(known.lessons, lessons);
  if (isAfterSame && known.days === days && known.before === before) return known.belief;
  const earlier = [...byDay.keys()]
    .filter((day) => day < last && schoolDaysBetween(day, last) <= FORGOTTEN)
    .sort()
    .flatMap((day) => byDay.get(day)!);
  if (isAfterSame && same(known.earlier, earlier)) {
    Object.assign(known, { days, before });
    return known.belief;
  }
  let evening: Evening | undefined;
  for (const one of beliefsByDay(earlier, lessons)) evening = one;
  const belief = evening === undefined ? begun() : changedUntil(evening, last, lessons);
  mornings.set(today[0]!, { earlier, lessons: [...lessons], belief, days, before });
  return belief;
};

/** What is believed of a child after all its answers, as of the last day it answered. */
export const beliefOf = (answers: readonly DatedClue[], lessons: readonly string[] = []): Belief => {
  const days = daysOf(answers);
  return days.last === '' ? begun() : withAnswers(lastMorning(days, lessons), days.byDay.get(days.last)!);
};
