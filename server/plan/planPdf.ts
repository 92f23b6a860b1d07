import type PDFDocument from 'pdfkit';
import {
  mondayOf,
  thingsOfLesson,
  weekday,
  wordsOfLesson,
  type Plan,
  type PlanLesson,
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
import { digital, type Conventions } from '../../core/wording/index.ts';
import type { Outline } from '../../core/face/index.ts';
import { wrapToDial } from '../../core/clock/index.ts';
import type { ClassRow } from '../classes/classRepository.ts';
import { drawClock } from '../print/drawClock.ts';
import { PRINT_FONTS, fontRuns, type PrintFont } from '../print/fonts.ts';

/** Points: 72 to an inch. */
const MARGIN = 34;
const GAP = 12;
const INK = '#22303c';
const QUIET = '#5b6873';
/** Width of a clock with its gap, and its radius. */
const CLOCK_STEP = 21;
const CLOCK_RADIUS = 9.5;

type Doc = InstanceType<typeof PDFDocument>;
interface Style {
  readonly size: number;
  readonly font?: PrintFont;
  readonly colour?: string;
}

/** Writes a text into a column and says where it ends. */
const write = (doc: Doc, text: string, x: number, y: number, width: number, style: Style): number => {
  const { size, font = 'regular', colour = INK } = style;
  doc.fontSize(size).fillColor(colour);
  const runs = fontRuns(text, font);
  runs.forEach((run, i) => {
    doc.font(run.font);
    const continued = i < runs.length - 1;
    if (i === 0) doc.text(run.text, x, y, { width, continued, lineGap: -2 });
    else doc.text(run.text, { continued, lineGap: -2 });
  });
  return doc.y;
};

/** Rows of small clocks. @returns where they end */
const clocks = (
  doc: Doc,
  { items, times }: PlanLesson['segments'][number],
  outline: Outline,
  x: number,
  y: number,
  width: number,
): number => {
  const inRow = Math.max(1, Math.floor(width / CLOCK_STEP));
  times.forEach((time, i) => {
    const [column, row] = [i % inRow, Math.floor(i / inRow)];
    const only = items[i]?.kind === 'hour-hand' ? ('hour' as const) : undefined;
    drawClock(
      doc,
      time,
      x + column * CLOCK_STEP + CLOCK_RADIUS,
      y + row * CLOCK_STEP + CLOCK_RADIUS,
      CLOCK_RADIUS,
      outline,
      only,
    );
  });
  return y + Math.ceil(times.length / inRow) * CLOCK_STEP;
};

const words = (key: string, conventions: Conventions, values: Record<string, string | number> = {}): string =>
  teacherSentence({ key: `teacher.planFile.${key}`, values }, conventions);

const dated = (day: string, conventions: Conventions): string =>
  new Intl.DateTimeFormat(conventions.english, { timeZone: 'UTC', day: 'numeric', month: 'long' }).format(
    new Date(`${day}T00:00:00Z`),
  );

/**
 * The plan as pages to print, one a week: a column a lesson, with what it is for, what lies ready, and its segments with
 * minutes and times. Letter paper for US English, A4 for UK English. No child is named in it.
 */
export const planPdf = async (
  { name, numberTime }: Pick<ClassRow, 'name' | 'numberTime'>,
  { choices, lessons }: Plan,
  conventions: Conventions,
  children: number,
): Promise<Buffer> => {
  const size = conventions.english === 'en-US' ? 'LETTER' : 'A4';
  // Loaded when a page is printed first: a server without it starts a third of a second sooner.
  const { default: Pdf } = await import('pdfkit');
  const doc = new Pdf({
    size,
    layout: 'landscape',
    // The line at the foot stands in the margin; without room there it would begin a page of its own.
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: MARGIN / 4 },
    autoFirstPage: false,
    info: { Title: name },
  });
  for (const [font, file] of Object.entries(PRINT_FONTS)) doc.registerFont(font, file);
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  const ended = new Promise<Buffer>((done, failed) => {
    doc.on('end', () => done(Buffer.concat(chunks)));
    doc.on('error', failed);
  });

  const [hours, minutes] = numberTime.split(':').map(Number) as [number, number];
  const starts = digital(wrapToDial(hours * 60 + minutes), conventions);
  const weeks = [...new Set(lessons.map(({ day }) => mondayOf(day)))];
  for (const monday of weeks) {
    doc.addPage();
    const width = doc.page.width - 2 * MARGIN;
    write(doc, words('unit', conventions, { class: name }), MARGIN, MARGIN - 4, width / 2, { size: 16, font: 'bold' });
    doc.font('regular').fontSize(12).fillColor(QUIET);
    doc.text(words('page', conventions, { monday: dated(monday, conventions) }), MARGIN + width / 2, MARGIN, {
      width: width / 2,
      align: 'right',
    });
    const ofWeek = lessons.filter(({ day }) => mondayOf(day) === monday);
    const columns = Math.max(5, ofWeek.length);
    const wide = (width - GAP * (columns - 1)) / columns;
    ofWeek.forEach((lesson, column) => {
      const x = MARGIN + column * (wide + GAP);
      const number = lessons.indexOf(lesson) + 1;
      let y = MARGIN + 30;
      doc
        .moveTo(x, y - 5)
        .lineTo(x + wide, y - 5)
        .lineWidth(1.5)
        .stroke(lesson.kind === 'check' ? '#6a4a86' : '#4a6838');
      const day = `${words(`weekdays.${weekday(lesson.day)}`, conventions)} ${dated(lesson.day, conventions)}, ${starts}`;
      y = write(doc, day, x, y, wide, { size: 8.5, colour: QUIET });
      y = write(doc, words('lesson', conventions, { number }), x, y + 1, wide, { size: 8.5, colour: QUIET });
      y = write(doc, lessonTitle(lesson, conventions), x, y + 1, wide, { size: 12, font: 'bold' });
      y = write(doc, lessonICan(lesson, conventions), x, y + 2, wide, { size: 9.5 });
      const wordList = wordsOfLesson(lesson).map((word) => clockWord(word, conventions));
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
        y = clocks(doc, lesson.segments[at]!, conventions.outline, x, y + 3, wide);
      });
    });
    doc.font('regular').fontSize(8).fillColor(QUIET);
    doc.text(words('safety', conventions), MARGIN, doc.page.height - MARGIN - 8, { width, lineBreak: false });
  }
  doc.end();
  return ended;
};
