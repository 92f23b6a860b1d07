import ICAL from 'ical.js';
import type { CalendarFileReply, DayOff } from '../../contract/index.ts';
import { addDays, sortedDaysOff, type Day } from '../../core/planning/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** Occurrences of one repeating event looked at before giving up: a daily one for over ten years. */
const MOST_REPEATS = 4000;

/** The calendar day of a time as it is written in the file, whatever its zone. */
const dayOf = (time: InstanceType<typeof ICAL.Time>): Day =>
  [String(time.year).padStart(4, '0'), String(time.month).padStart(2, '0'), String(time.day).padStart(2, '0')].join(
    '-',
  );

/** First and last day of an all-day event; its end is the first day after it (RFC 5545, 3.6.1). */
const spanOf = (start: InstanceType<typeof ICAL.Time>, end: InstanceType<typeof ICAL.Time>): { from: Day; to: Day } => {
  const from = dayOf(start);
  const to = addDays(dayOf(end), -1);
  return { from, to: to < from ? from : to };
};

/**
 * Days off in the text of an .ics file, between two days: its all-day events, repeating ones each time. Events with a time of
 * day (a staff meeting at four) are no days off; they are counted and passed over.
 * @throws HoppelError bad-file with the place where it cannot be read
 */
export const readDaysOff = (text: string, from: Day, to: Day): CalendarFileReply => {
  let events: InstanceType<typeof ICAL.Event>[];
  try {
    const calendar = new ICAL.Component(ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0]);
    if (calendar.name !== 'vcalendar') throw new Error('it holds no calendar');
    events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
  } catch (error) {
    throw new HoppelError('bad-file', `not a calendar file: ${(error as Error).message}`);
  }
  const daysOff: DayOff[] = [];
  let passedOver = 0;
  for (const event of events) {
    const start = event.startDate as InstanceType<typeof ICAL.Time> | null;
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
    const repeats = event.iterator();
    for (let i = 0, next = repeats.next(); i < MOST_REPEATS && next; i++, next = repeats.next()) {
      if (dayOf(next) > to) break;
      const { startDate, endDate } = event.getOccurrenceDetails(next);
      add(spanOf(startDate, endDate));
    }
  }
  return { daysOff: sortedDaysOff(daysOff).slice(0, 200), passedOver };
};
