import {
  mondayOf,
  thingsOfLesson,
  weekday,
  wordsOfLesson,
  type Plan,
  type Segment,
} from '../../core/planning/index.ts';
import {
  clockWord,
  lessonICan,
  lessonTitle,
  readyText,
  segmentText,
  segmentTitle,
  teacherSentence,
} from '../../core/reporting/index.ts';
import { onlyHandOf } from '../../core/items/index.ts';
import { digital } from '../../core/wording/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import { paperOf } from '../../core/locales/index.ts';
import { wrapToDial } from '../../core/clock/index.ts';
import type { ClassRow } from '../classes/classRepository.ts';
import { clockRows, type PrintedClock } from '../print/clockRows.ts';
import { printed } from '../print/document.ts';
import { QUIET } from '../print/inks.ts';
import { seen } from '../print/tags.ts';
import { write, writeLine } from '../print/write.ts';

/** Points: 72 to an inch. */
const MARGIN = 34;
const GAP = 12;

/** The clocks of a segment; where the hour hand stands alone, it does on paper too. */
const clocksOf = ({ items, times }: Segment): PrintedClock[] =>
  times.map((time, i) => ({ time, ...(onlyHandOf(items[i]) && { only: 'hour' }) }));

const words = (key: string, conventions: Conventions, values: Record<string, string | number> = {}): string =>
  teacherSentence({ key: `teacher.planFile.${key}`, values }, conventions);

const dated = (day: string, conventions: Conventions): string =>
  new Intl.DateTimeFormat(conventions.locale, { timeZone: 'UTC', day: 'numeric', month: 'long' }).format(
    new Date(`${day}T00:00:00Z`),
  );

/**
 * The plan as pages to print, one a week: a column a lesson, with what it is for, what lies ready, and its segments with
 * minutes and times. On the class's paper. No child is named in it. @param at when it is printed
 */
export const planPdf = (
  { name, numberTime }: Pick<ClassRow, 'name' | 'numberTime'>,
  { choices, lessons }: Plan,
  conventions: Conventions,
  children: number,
  at: Date,
): Promise<Buffer> => {
  const [hours, minutes] = numberTime.split(':').map(Number) as [number, number];
  const starts = digital(wrapToDial(hours * 60 + minutes), conventions);
  const weeks = [...new Set(lessons.map(({ day }) => mondayOf(day)))];
  const page = {
    paper: paperOf(conventions),
    layout: 'landscape',
    margin: MARGIN,
    language: conventions.locale,
  } as const;
  return printed({ ...page, title: `${name}: ${words('title', conventions)}`, at }, (doc) => {
    for (const monday of weeks) {
      doc.addPage();
      const width = doc.page.width - 2 * MARGIN;
      write(doc, words('unit', conventions, { class: name }), MARGIN, MARGIN - 4, width / 2, {
        size: 16,
        font: 'bold',
        as: 'H1',
      });
      write(
        doc,
        words('page', conventions, { monday: dated(monday, conventions) }),
        MARGIN + width / 2,
        MARGIN,
        width / 2,
        { size: 12, colour: QUIET, align: 'right' },
      );
      const ofWeek = lessons.filter(({ day }) => mondayOf(day) === monday);
      const columns = Math.max(5, ofWeek.length);
      const wide = (width - GAP * (columns - 1)) / columns;
      ofWeek.forEach((lesson, column) => {
        const x = MARGIN + column * (wide + GAP);
        const number = lessons.indexOf(lesson) + 1;
        let y = MARGIN + 30;
        seen(doc, () =>
          doc
            .moveTo(x, y - 5)
            .lineTo(x + wide, y - 5)
            .lineWidth(1.5)
            .stroke(lesson.kind === 'check' ? '#6a4a86' : '#4a6838'),
        );
        const day = `${words(`weekdays.${weekday(lesson.day)}`, conventions)} ${dated(lesson.day, conventions)}, ${starts}`;
        y = write(doc, day, x, y, wide, { size: 8.5, colour: QUIET });
        y = write(doc, words('lesson', conventions, { number }), x, y + 1, wide, { size: 8.5, colour: QUIET });
        y = write(doc, lessonTitle(lesson, conventions), x, y + 1, wide, { size: 12, font: 'bold' });
        y = write(doc, lessonICan(lesson, conventions), x, y + 2, wide, { size: 9.5 });
        const wordList = wordsOfLesson(lesson, conventions).map((word) => clockWord(word, conventions));
        if (wordList.length > 0)
          y = write(doc, `${words('words', conventions)}: ${wordList.join(', ')}`, x, y + 5, wide, { size: 8.5 });
        const things = thingsOfLesson(lesson, choices.media).map((item) => readyText(item, children, conventions));
        if (things.length > 0)
          y = write(doc, `${words('ready', conventions)}: ${things.join(', ')}`, x, y + 3, wide, { size: 8.5 });
        y += 6;
        lesson.segments.forEach(({ kind, minutes }, at) => {
          y = write(
            doc,
            `${words('minutes', conventions, { count: minutes })}  ${segmentTitle(kind, conventions)}`,
            x,
            y + 3,
            wide,
            { size: 9.5, font: 'bold' },
          );
          const text = segmentText(lesson.key, lesson.segments[at]!, conventions, choices.pace);
          // Six and seven lessons a week leave narrow columns: times, but not what is said with them.
          if (columns === 5) y = write(doc, text, x, y, wide, { size: 8, colour: QUIET });
          y = clockRows(doc, clocksOf(lesson.segments[at]!), conventions.outline, x, y + 3, wide);
        });
      });
      writeLine(doc, words('safety', conventions), MARGIN, doc.page.height - MARGIN - 8, width, {
        size: 8,
        colour: QUIET,
      });
    }
  });
};
