import ical, { escape } from 'ical-generator';
import { Temporal } from 'temporal-polyfill';
import { lessonMinutes, type Plan } from '../../core/planning/index.ts';
import { lessonICan, lessonTitle, segmentTitle } from '../../core/reporting/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import type { ClassRow } from '../classes/classRepository.ts';

/** Written as UTC so that no zone of this machine moves it; `floating` then leaves the zone out. */
const asUtc = (time: Temporal.PlainDateTime): Date => new Date(time.toZonedDateTime('UTC').epochMilliseconds);

/**
 * The unit as a calendar: one event a lesson at number time. Times are floating (RFC 5545, 3.3.5): nine o'clock at school,
 * wherever the calendar is looked at and whether or not the clocks were set forward in between.
 */
export const calendarOfUnit = (
  { id, name, numberTime }: Pick<ClassRow, 'id' | 'name' | 'numberTime'>,
  { lessons }: Plan,
  conventions: Conventions,
): string => {
  // The calendar's own name is the one text that is not escaped by itself.
  const calendar = ical({
    name: escape(name, false),
    prodId: { company: 'Hoppel', product: 'Hoppel', language: 'EN' },
  });
  lessons.forEach((lesson, i) => {
    const starts = Temporal.PlainDateTime.from(`${lesson.day}T${numberTime}`);
    const start = asUtc(starts);
    const end = asUtc(starts.add({ minutes: lessonMinutes(lesson.segments) }));
    calendar.createEvent({
      id: `hoppel-${id}-${lesson.id}`,
      start,
      end,
      stamp: start,
      floating: true,
      timezone: 'UTC',
      summary: `${i + 1}. ${lessonTitle(lesson, conventions)}`,
      description: [
        lessonICan(lesson, conventions),
        ...lesson.segments.map(({ kind, minutes }) => `${minutes} min ${segmentTitle(kind, conventions)}`),
      ].join('\n'),
    });
  });
  return calendar.toString();
};
