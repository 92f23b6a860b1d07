import type { Doc } from './document.ts';
import { fontRuns, type PrintFont } from './fonts.ts';
import { INK } from './inks.ts';
import { heard, type Tag } from './tags.ts';

export interface TextStyle {
  /** Points. */
  readonly size: number;
  readonly font?: PrintFont;
  readonly colour?: string;
  /** What it is for who hears the page; a line of words unless it is said. */
  readonly as?: Extract<Tag, 'H1' | 'P'>;
  readonly align?: 'left' | 'center' | 'right';
}

/** A name is made no smaller than that, as a share of its size, and then cut off at the end of its place. */
const LEAST_SCALE = 0.75;

/** Writes a text on one line, smaller where it is too wide, in whatever script. @param x @param y its top left, points */
export const writeLine = (doc: Doc, text: string, x: number, y: number, width: number, style: TextStyle): void => {
  const { size, font = 'regular', colour = INK } = style;
  const runs = fontRuns(text, font);
  doc.fontSize(size).fillColor(colour);
  const widths = runs.map((run) => doc.font(run.font).widthOfString(run.text));
  const scale = Math.min(1, Math.max(LEAST_SCALE, width / widths.reduce((sum, one) => sum + one, 0)));
  // Letters of every script stand on one line.
  const base = y + size;
  doc.fontSize(size * scale);
  heard(doc, style.as ?? 'P', () => {
    doc
      .save()
      .rect(x, y - size, width, 3 * size)
      .clip();
    let at = x;
    runs.forEach((run, i) => {
      doc.font(run.font).text(run.text, at, base, { lineBreak: false, baseline: 'alphabetic' });
      at += widths[i]! * scale;
    });
    doc.restore();
  });
};

/** Writes a text into a column, breaking lines where it must. @param x @param y its top left, points @returns where it ends */
export const write = (doc: Doc, text: string, x: number, y: number, width: number, style: TextStyle): number => {
  const { size, font = 'regular', colour = INK } = style;
  doc.fontSize(size).fillColor(colour);
  const runs = fontRuns(text, font);
  heard(doc, style.as ?? 'P', () =>
    runs.forEach((run, i) => {
      doc.font(run.font);
      const continued = i < runs.length - 1;
      if (i === 0) doc.text(run.text, x, y, { width, continued, lineGap: -2, align: style.align ?? 'left' });
      else doc.text(run.text, { continued, lineGap: -2 });
    }),
  );
  return doc.y;
};
