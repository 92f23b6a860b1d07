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

/** Repeats looked at in one file: ten daily events of ten years. */
const MOST_REPEATS = 40_000;
/** Milliseconds a file may take. */
const PATIENCE_MS = 5000;

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

/**
 * Days off in the text of an .ics file, between two days: its all-day events, repeating ones each time. Events with a time of
 * day (a staff meeting at four) are no days off; they are counted and passed over.
 * @throws Error with a sentence on why it cannot be read
 */
export const daysOffIn = (text: string, from: Day, to: Day): CalendarFileReply => {
  let events: Event[];
  try {
    const calendar = new ICAL.Component(ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0]);
    if (calendar.name !== 'vcalendar') throw new Error('it holds no calendar');
    events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
  } catch (error) {
    throw new Error(`not a calendar file: ${(error as Error).message}`, { cause: error });
  }
  const daysOff: DayOff[] = [];
  let passedOver = 0;
  let walked = 0;
  for (const event of events) {
    const start = event.startDate as Time | null;
    if (start === null || !start.isDate) {
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
    begunLater(event, from);
    const repeats = event.iterator();
    for (let next = repeats.next() as Time | undefined; next && dayOf(next) <= to; next = repeats.next()) {
      if (++walked > MOST_REPEATS) throw new Error('its events repeat too often');
      const { startDate, endDate } = event.getOccurrenceDetails(next);
      add(spanOf(startDate, endDate));
    }
  }
  return { daysOff: sortedDaysOff(daysOff).slice(0, 200), passedOver };
};

/**
 * The same in a thread of its own and within a few seconds.
 * @throws HoppelError bad-file with the place where it cannot be read
 */
export const readDaysOff = async (calendar: CalendarText): Promise<CalendarFileReply> => {
  const source = new URL('./calendarWorker.ts', import.meta.url);
  const read = await inWorker<CalendarText, CalendarRead>(source, calendar, PATIENCE_MS).catch((error: unknown) => {
    if (error instanceof TookTooMuch)
      throw new HoppelError('bad-file', 'it is too much to read: its events repeat without end');
    throw error;
  });
  if ('fault' in read) throw new HoppelError('bad-file', read.fault);
  return read.reply;
};
