import ICAL from 'ical.js';
import type { CalendarFileReply, DayOff } from '../../contract/index.ts';
import { addDays, daysBetween, sortedDaysOff, type Day } from '../../core/planning/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { TookTooMuch, inWorker } from '../work/inWorker.ts';

/** The text of an .ics file and the days that matter. */
export interface CalendarText {
  readonly text: string;
  readonly from: Day;
  readonly to: Day;
}
/** What was found in it, or why it could not be read. */
export type CalendarRead = { readonly reply: CalendarFileReply } | { readonly fault: string };

/** A rule of a series, or the series, that takes too many steps. */
class TooManySteps extends Error {}

/**
 * Counts the steps in which ical.js looks for the next day of a series. A rule that falls on no day, such as the 30th of February, keeps it
 * stepping within one call, so the count ends it from inside.
 */
const withStepsCounted = <T>(work: () => T): T => {
  const steps = ICAL.RecurIterator.prototype as unknown as Record<string, unknown>;
  const counted = Object.getOwnPropertyNames(steps).filter((name) => /^(next|increment)_/.test(name));
  const own = counted.map((name) => [name, steps[name] as (...args: unknown[]) => unknown] as const);
  let taken = 0;
  for (const [name, step] of own)
    steps[name] = function (this: unknown, ...args: unknown[]): unknown {
      if (++taken > MAX_STEPS) throw new TooManySteps();
      return step.apply(this, args);
    };
  try {
    return work();
  } finally {
    for (const [name, step] of own) steps[name] = step;
  }
};

/** Repeats looked at in one file: ten daily events of ten years. */
const MOST_REPEATS = 40_000;
/** Steps from one moment to the next that all rules of a file may take: a series that falls on no day takes them for ever. */
const MAX_STEPS = 2_000_000;
/** Milliseconds after which a file is given up that does what nobody thought of. What is ordinary is bounded by its steps. */
const TIMEOUT_MS = 60_000;

type Time = InstanceType<typeof ICAL.Time>;
type Event = InstanceType<typeof ICAL.Event>;

/** The calendar day of a time as it is written in the file, whatever its zone. */
const dayOf = (time: Time): Day =>
  [String(time.year).padStart(4, '0'), String(time.month).padStart(2, '0'), String(time.day).padStart(2, '0')].join(
    '-',
  );

/** First and last day of an all-day event; its end is the first day after it (RFC 5545, 3.6.1). */
const spanOf = (start: Time, end: Time): { from: Day; to: Day } => {
  const from = dayOf(start);
  const to = addDays(dayOf(end), -1);
  return { from, to: to < from ? from : to };
};

/** Days in which a rule that repeats daily or weekly comes round again. */
const ROUND = new Map([
  ['DAILY', 1],
  ['WEEKLY', 7],
]);
/**
 * Lets a series that began long ago begin not long before a day, at a day it would have come round to anyway: its years before need not be
 * walked. One that counts its repeats has to be walked from its beginning.
 */
const begunLater = (event: Event, from: Day): void => {
  const rule = event.component.getFirstPropertyValue('rrule') as InstanceType<typeof ICAL.Recur> | null;
  const round = ROUND.get(rule?.freq ?? '');
  if (rule === null || round === undefined || rule.count !== null) return;
  const length = daysBetween(dayOf(event.startDate), dayOf(event.endDate));
  const early = daysBetween(dayOf(event.startDate), from) - length;
  const days = Math.floor(early / (round * rule.interval)) * round * rule.interval;
  if (days <= 0) return;
  const [start, end] = [event.startDate.clone(), event.endDate.clone()];
  start.adjust(days, 0, 0, 0);
  end.adjust(days, 0, 0, 0);
  event.startDate = start;
  event.endDate = end;
};

type Parsed = ConstructorParameters<typeof ICAL.Component>[0];
/** The calendars in a text: files of several are met. A single one is parsed as itself, several as a list. */
const calendarsIn = (text: string): InstanceType<typeof ICAL.Component>[] => {
  const parsed = ICAL.parse(text) as unknown[];
  const all = (Array.isArray(parsed[0]) ? parsed : [parsed]) as Parsed[];
  const calendars = all.map((one) => new ICAL.Component(one));
  if (calendars.length === 0 || calendars.some(({ name }) => name !== 'vcalendar'))
    throw new Error('it holds no calendar');
  return calendars;
};

/** Is an event called off, or time that stays free? Such are no days off. */
const isNoDayOff = ({ component }: Event): boolean => {
  const said = (property: string): string => String(component.getFirstPropertyValue(property) ?? '').toUpperCase();
  return (
    said('status') === 'CANCELLED' || said('transp') === 'TRANSPARENT' || said('x-microsoft-cdo-busystatus') === 'FREE'
  );
};

/**
 * Days off in the text of an .ics file, between two days: its all-day events, repeating ones each time. Events with a time of
 * day (a staff meeting at four), events that were called off and such as leave the time free are no days off; they are counted and passed over.
 * @throws Error with a sentence on why it cannot be read
 */
export const daysOffIn = (text: string, from: Day, to: Day): CalendarFileReply =>
  withStepsCounted(() => {
    try {
      return readDaysOffIn(text, from, to);
    } catch (error) {
      throw error instanceof TooManySteps ? new Error('its events repeat without end', { cause: error }) : error;
    }
  });

const readDaysOffIn = (text: string, from: Day, to: Day): CalendarFileReply => {
  let events: Event[];
  try {
    events = calendarsIn(text).flatMap((calendar) =>
      calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event)),
    );
  } catch (error) {
    throw new Error(`not a calendar file: ${(error as Error).message}`, { cause: error });
  }
  const daysOff: DayOff[] = [];
  let passedOver = 0;
  let walked = 0;
  for (const event of events) {
    const start = event.startDate as Time | null;
    if (start === null || !start.isDate || isNoDayOff(event)) {
      passedOver += 1;
      continue;
    }
    const name = (event.summary ?? '').slice(0, 80);
    const add = (span: { from: Day; to: Day }): void => {
      if (span.to >= from && span.from <= to) daysOff.push({ ...span, name });
    };
    if (!event.isRecurring()) {
      add(spanOf(start, event.endDate));
      continue;
    }
    // Days that are named one by one come beside the first (RFC 5545, 3.8.5.2).
    if (!event.component.hasProperty('rrule')) add(spanOf(start, event.endDate));
    begunLater(event, from);
    const repeats = event.iterator();
    for (let next = repeats.next() as Time | undefined; next && dayOf(next) <= to; next = repeats.next()) {
      if (++walked > MOST_REPEATS) throw new Error('its events repeat too often');
      const { startDate, endDate } = event.getOccurrenceDetails(next);
      add(spanOf(startDate, endDate));
    }
  }
  const days = new Map(daysOff.map((day) => [JSON.stringify(day), day]));
  return { daysOff: sortedDaysOff([...days.values()]).slice(0, 200), passedOver };
};

/**
 * The same in a thread of its own and within a few seconds.
 * @throws HoppelError bad-file with the place where it cannot be read
 */
export const readDaysOff = async (calendar: CalendarText): Promise<CalendarFileReply> => {
  const source = new URL('./calendarWorker.ts', import.meta.url);
  const read = await inWorker<CalendarText, CalendarRead>(source, calendar, TIMEOUT_MS).catch((error: unknown) => {
    if (error instanceof TookTooMuch)
      throw new HoppelError('bad-file', 'it is too much to read: its events repeat without end');
    throw error;
  });
  if ('fault' in read) throw new HoppelError('bad-file', read.fault);
  return read.reply;
};
