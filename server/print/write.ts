import type { Doc } from './document.ts';
import { fontRuns, type PrintFont } from './fonts.ts';
import { INK } from './inks.ts';

export interface TextStyle {
  /** Points. */
  readonly size: number;
  readonly font?: PrintFont;
  readonly colour?: string;
}

/** Writes a text into a column, breaking lines where it must. @param x @param y its top left, points @returns where it ends */
export const write = (doc: Doc, text: string, x: number, y: number, width: number, style: TextStyle): number => {
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
