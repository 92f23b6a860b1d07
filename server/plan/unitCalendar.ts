import ical from 'ical-generator';
import type { Plan } from '../../core/planning/index.ts';
import { lessonMinutes } from '../../core/planning/index.ts';
import { lessonICan, lessonTitle, segmentTitle } from '../../core/reporting/index.ts';
import type { Conventions } from '../../core/wording/index.ts';
import type { ClassRow } from '../classes/classRepository.ts';

/**
 * The unit as a calendar: one event a lesson at number time. Times are floating (RFC 5545, 3.3.5): nine o'clock at school,
 * wherever the calendar is looked at and whether or not the clocks were set forward in between.
 */
export const calendarOfUnit = (
  { id, name, numberTime }: Pick<ClassRow, 'id' | 'name' | 'numberTime'>,
  { lessons }: Plan,
  conventions: Conventions,
): string => {
  const calendar = ical({ name, prodId: { company: 'Hoppel', product: 'Hoppel', language: 'EN' } });
  lessons.forEach((lesson, i) => {
    // Written as UTC so that no zone of this machine moves it; `floating` then leaves the zone out.
    const start = new Date(`${lesson.day}T${numberTime}:00Z`);
    const end = new Date(start.getTime() + lessonMinutes(lesson.segments) * 60_000);
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
