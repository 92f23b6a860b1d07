import {
  INKS,
  textWidth,
  type ClockOnPaper,
  type Ink,
  type Line,
  type Mark,
  type Page,
} from '../../core/sheets/index.ts';
import type { Doc } from './document.ts';
import { fontRuns, isUsual } from './fonts.ts';
import { drawPicture } from './drawPicture.ts';
import { beginSection, heard, seen, type Tag } from './tags.ts';

/** Points to a millimetre: 72 to an inch of 25.4 mm. */
export const POINTS = 72 / 25.4;

const inkOf = (ink: Ink): string => (ink.startsWith('#') ? ink : INKS[ink as keyof typeof INKS]);

/** Strokes, fills or both what was just drawn. Its outline is as wide as said whatever the scale. */
const inked = (doc: Doc, { fill, line }: { readonly fill?: Ink; readonly line?: Line }, scale = 1): void => {
  if (line !== undefined) {
    doc.lineWidth(line.width / scale);
    if (line.dash === undefined) doc.undash();
    else doc.dash(line.dash[0] / scale, { space: line.dash[1] / scale });
  }
  if (fill !== undefined && line !== undefined) doc.fillAndStroke(inkOf(fill), inkOf(line.ink));
  else if (fill !== undefined) doc.fill(inkOf(fill));
  else if (line !== undefined) doc.stroke(inkOf(line.ink));
};

/** A name is made no smaller than that, as a share of its size: it may then reach a little beyond its place, but it can be read. */
const LEAST_SCALE = 0.75;

/**
 * Text on its baseline. Its width is the core's, so that it stands where the layout says; in a script whose widths the core does not know it is
 * measured, and made smaller where it needs more room than it was given.
 */
const drawText = (doc: Doc, mark: Extract<Mark, { kind: 'text' }>): void => {
  const { text, at, size, weight = 'regular', anchor = 'start', ink = 'ink' } = mark;
  const given = textWidth(text, size, weight);
  const runs = fontRuns(text, weight);
  const usual = isUsual(runs);
  doc.fontSize(size).fillColor(inkOf(ink));
  const widths = runs.map((run) =>
    usual ? textWidth(run.text, size, weight) : doc.font(run.font).widthOfString(run.text),
  );
  const needed = widths.reduce((sum, width) => sum + width, 0);
  const scale = usual ? 1 : Math.min(1, Math.max(LEAST_SCALE, given / needed));
  const width = usual ? given : needed * scale;
  let x = at.x - (anchor === 'middle' ? width / 2 : anchor === 'end' ? width : 0);
  doc.fontSize(size * scale);
  runs.forEach((run, i) => {
    doc.font(run.font).text(run.text, x, at.y, { lineBreak: false, baseline: 'alphabetic' });
    x += widths[i]! * scale;
  });
};

const drawMark = (doc: Doc, mark: Mark): void => {
  switch (mark.kind) {
    case 'line':
      doc.moveTo(mark.from.x, mark.from.y).lineTo(mark.to.x, mark.to.y);
      inked(doc, mark);
      break;
    case 'circle':
      doc.circle(mark.at.x, mark.at.y, mark.radius);
      inked(doc, mark);
      break;
    case 'box': {
      const { x, y, width, height } = mark.box;
      if (mark.corner === undefined) doc.rect(x, y, width, height);
      else doc.roundedRect(x, y, width, height, mark.corner);
      inked(doc, mark);
      break;
    }
    case 'path':
      doc.save().translate(mark.at.x, mark.at.y);
      if (mark.turn) doc.rotate(mark.turn);
      doc.scale(mark.unit).path(mark.d);
      inked(doc, mark, mark.unit);
      doc.restore();
      break;
    case 'text':
      drawText(doc, mark);
      break;
    case 'picture':
      drawPicture(doc, mark.name, mark.at.x, mark.at.y, mark.size);
      break;
  }
};

/** What a mark is for who hears the page: headings, words and clocks are heard, other drawings are not. */
const tagOf = (mark: Mark): Tag | undefined => {
  if (mark.kind === 'path') return mark.as === undefined ? undefined : 'Figure';
  if (mark.kind !== 'text' || mark.as === 'part-of-drawing') return undefined;
  return mark.as === 'heading' ? 'H1' : 'P';
};

/** Marks that are heard, or seen, together. */
interface Stretch {
  readonly tag: Tag | undefined;
  readonly marks: [Mark, ...Mark[]];
}
/** Marks in stretches of one tag each: a clock with all that is drawn of it, a stretch of other drawings, each line of words by itself. */
const stretchesOf = (marks: readonly Mark[]): Stretch[] =>
  marks.reduce<Stretch[]>((stretches, mark) => {
    const tag = tagOf(mark);
    const last = stretches.at(-1);
    if (tag === undefined && (last?.tag === undefined || last.tag === 'Figure') && last !== undefined)
      last.marks.push(mark);
    else stretches.push({ tag, marks: [mark] });
    return stretches;
  }, []);

/** Adds a page and draws on it; all that is drawn comes from the layout, in millimetres. @param sayClock a clock in words */
export const drawPage = (doc: Doc, page: Page, sayClock: (clock: ClockOnPaper) => string): void => {
  doc.addPage({ size: [page.width * POINTS, page.height * POINTS], margin: 0 });
  const end = beginSection(doc, page.name);
  doc.save().scale(POINTS);
  for (const { tag, marks } of stretchesOf(page.marks)) {
    const draw = (): void => marks.forEach((mark) => drawMark(doc, mark));
    const [first] = marks;
    if (tag === undefined) seen(doc, draw);
    else heard(doc, tag, draw, first.kind === 'path' && first.as !== undefined ? sayClock(first.as) : undefined);
  }
  doc.restore();
  end();
};
