import type { Child, SmallGroup } from '../../contract/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import { paperOf } from '../../core/locales/index.ts';
import { groupName, needText, teacherSentence, topicName } from '../../core/reporting/index.ts';
import { digital } from '../../core/wording/index.ts';
import { printed, type Doc } from '../print/document.ts';
import { drawClock } from '../print/drawClock.ts';
import { drawPicture } from '../print/drawPicture.ts';
import { MARKS, QUIET } from '../print/inks.ts';
import { seen } from '../print/tags.ts';
import { write, writeLine } from '../print/write.ts';

/** Points: 72 to an inch. */
const MARGIN = 34;
/** How far the line at the foot stands over the edge: printers leave some 5 mm white. */
const FOOT = 26;
const PICTURE = 26;
const SHOWN = 40;
const ASKED = 24;
/** Two rows of names at most: eight is the most a group can have. */
const namesInRow = (count: number): number => (count > 6 ? 4 : 3);
const ON_A_PAGE = 2;

const words = (key: string, conventions: Conventions, values: Record<string, string | number> = {}): string =>
  teacherSentence({ key: `teacher.groupCard.${key}`, values }, conventions);

/** Clocks in a row, each with how it is written under it. @returns where they end, points */
const clocks = (
  doc: Doc,
  times: readonly DialTime[],
  radius: number,
  { x, y }: { readonly x: number; readonly y: number },
  conventions: Conventions,
): number => {
  const step = 2 * radius + 16;
  times.forEach((time, i) => {
    seen(doc, () => drawClock(doc, time, x + i * step + radius, y + radius, radius, conventions.outline));
    write(doc, digital(time, conventions), x + i * step - 8, y + 2 * radius + 4, step, {
      size: 11,
      font: 'bold',
      align: 'center',
    });
  });
  return y + 2 * radius + 22;
};

/** One group's card between two heights of a page. */
const card = (doc: Doc, group: SmallGroup, children: readonly Child[], top: number, conventions: Conventions): void => {
  const width = doc.page.width - 2 * MARGIN;
  let y = write(doc, groupName(group, conventions), MARGIN, top, width, { size: 18, font: 'bold', as: 'H1' });
  const line = [
    words('minutes', conventions, { count: group.minutes }),
    ...(group.name === null ? [] : [topicName(group.topic, conventions)]),
  ];
  y = write(doc, line.join('  ·  '), MARGIN, y + 2, width, { size: 10, colour: QUIET });
  if (group.topic !== 'practice')
    y = write(doc, teacherSentence(needText(group.topic, 'help'), conventions), MARGIN, y + 2, width, { size: 10.5 });
  const inRow = namesInRow(children.length);
  const wide = width / inRow;
  y += 10;
  children.forEach(({ name, picture }, i) => {
    const [x, rowY] = [MARGIN + (i % inRow) * wide, y + Math.floor(i / inRow) * (PICTURE + 6)];
    seen(doc, () => drawPicture(doc, picture, x, rowY, PICTURE));
    writeLine(doc, name, x + PICTURE + 8, rowY + 7, wide - PICTURE - 14, { size: 13, font: 'bold' });
  });
  y += Math.ceil(children.length / inRow) * (PICTURE + 6) + 8;
  const half = MARGIN + 3 * (2 * SHOWN + 16);
  write(doc, words('takeAway', conventions), half, y, width / 3, { size: 11, colour: QUIET });
  y = write(doc, words('show', conventions), MARGIN, y, width / 2, { size: 11, colour: QUIET }) + 4;
  clocks(doc, [group.takeAway], SHOWN, { x: half, y }, conventions);
  y = clocks(doc, group.contrast, SHOWN, { x: MARGIN, y }, conventions) + 2;
  y = write(doc, words('ask', conventions), MARGIN, y, width, { size: 11, colour: QUIET }) + 4;
  clocks(doc, group.times, ASKED, { x: MARGIN, y }, conventions);
};

/**
 * A card for each group, two to a page of the class's paper: who sits in it, what it is shown, the six times that are asked and the one to
 * take away, each with how it is written. @param at when they are printed
 */
export const groupPdf = (
  title: string,
  groups: readonly SmallGroup[],
  children: readonly Child[],
  conventions: Conventions,
  at: Date,
): Promise<Buffer> => {
  const page = {
    paper: paperOf(conventions),
    layout: 'portrait',
    margin: MARGIN,
    language: conventions.locale,
  } as const;
  return printed({ ...page, title: `${title}: ${words('title', conventions)}`, at }, (doc) => {
    groups.forEach((group, i) => {
      if (i % ON_A_PAGE === 0) {
        doc.addPage();
        writeLine(doc, words('foot', conventions), MARGIN, doc.page.height - FOOT, doc.page.width - 2 * MARGIN, {
          size: 8,
          colour: QUIET,
        });
      }
      const middle = doc.page.height / 2;
      if (i % ON_A_PAGE === 1)
        seen(doc, () =>
          doc
            .moveTo(MARGIN, middle)
            .lineTo(doc.page.width - MARGIN, middle)
            .lineWidth(0.7)
            .dash(4, { space: 4 })
            .stroke(MARKS)
            .undash(),
        );
      const members = children.filter(({ id }) => group.childIds.includes(id));
      card(doc, group, members, (i % ON_A_PAGE) * middle + MARGIN - 8, conventions);
    });
  });
};
