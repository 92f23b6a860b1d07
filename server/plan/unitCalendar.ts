import ical, { ICalCalendarMethod, ICalEventStatus, escape } from 'ical-generator';
import { Temporal } from 'temporal-polyfill';
import { lessonMinutes, type Plan } from '../../core/planning/index.ts';
import { lessonICan, lessonTitle, segmentTitle } from '../../core/reporting/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import type { ClassRow } from '../classes/classRepository.ts';
import type { CalendarEvent, EventContent } from './calendarRepository.ts';

/** Written as UTC so that no zone of this machine moves it; `floating` then leaves the zone out. */
const asUtc = (time: Temporal.PlainDateTime): Date => new Date(time.toZonedDateTime('UTC').epochMilliseconds);

/** What a calendar shows of each lesson of a unit, by its id. */
export const eventsOfUnit = (
  { numberTime }: Pick<ClassRow, 'numberTime'>,
  { lessons }: Plan,
  conventions: Conventions,
): Map<number, EventContent> =>
  new Map(
    lessons.map((lesson, i) => {
      const starts = Temporal.PlainDateTime.from(`${lesson.day}T${numberTime}`);
      const content: EventContent = {
        start: starts.toString(),
        end: starts.add({ minutes: lessonMinutes(lesson.segments) }).toString(),
        summary: `${i + 1}. ${lessonTitle(lesson, conventions)}`,
        description: [
          lessonICan(lesson, conventions),
          ...lesson.segments.map(({ kind, minutes }) => `${minutes} min ${segmentTitle(kind, conventions)}`),
        ].join('\n'),
      };
      return [lesson.id, content];
    }),
  );

/**
 * Events as the text of a calendar. Times are floating (RFC 5545, 3.3.5): nine o'clock at school, wherever the calendar is looked at and
 * whether or not the clocks were set forward in between. Lessons that are in the unit no more are sent as cancelled.
 * @param uid what no other class of any school is called
 */
export const calendarOf = (
  { name, uid }: { readonly name: string; readonly uid: string },
  events: readonly CalendarEvent[],
): string => {
  // The calendar's own name is the one text that is not escaped by itself.
  const calendar = ical({
    name: escape(name, false),
    prodId: { company: 'Hoppel', product: 'Hoppel', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { lessonId, start, end, summary, description, sequence, stampedAt, isCancelled } of events)
    calendar.createEvent({
      id: `${uid}-${lessonId}@hoppel.invalid`,
      start: asUtc(Temporal.PlainDateTime.from(start)),
      end: asUtc(Temporal.PlainDateTime.from(end)),
      stamp: stampedAt,
      sequence,
      status: isCancelled ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
      floating: true,
      timezone: 'UTC',
      summary,
      description,
    });
  return calendar.toString();
};
