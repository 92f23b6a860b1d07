import type PDFDocument from 'pdfkit';
import type { PaperSize } from '../../core/locales/index.ts';
import { unpackedFonts } from './fonts.ts';
import { beginTags } from './tags.ts';

/** A page that is being printed; its unit is the point, 72 to an inch, from the page's top left. */
export type Doc = InstanceType<typeof PDFDocument>;

const SIZES: Readonly<Record<PaperSize, string>> = { a4: 'A4', letter: 'LETTER' };

interface Page {
  readonly paper: PaperSize;
  readonly layout: 'portrait' | 'landscape';
  /** Points. */
  readonly margin: number;
  readonly title: string;
  /** BCP 47. */
  readonly language: string;
  /** When it was printed. */
  readonly at: Date;
}

/**
 * Prints pages with the fonts that ship: `draw` adds each page and draws on it.
 * @returns the bytes of a PDF
 */
export const printed = async (
  { paper, layout, margin, title, language, at }: Page,
  draw: (doc: Doc) => void,
): Promise<Buffer> => {
  // Loaded when a page is printed first: a server without it starts a third of a second sooner.
  const { default: Pdf } = await import('pdfkit');
  const doc = new Pdf({
    size: SIZES[paper],
    layout,
    // A line at the foot stands in the margin; without room there it would begin a page of its own.
    margins: { top: margin, left: margin, right: margin, bottom: margin / 4 },
    autoFirstPage: false,
    pdfVersion: '1.7',
    tagged: true,
    lang: language,
    displayTitle: true,
    info: { Title: title, Creator: 'Hoppel', Producer: 'Hoppel', CreationDate: at },
  });
  for (const [name, font] of await unpackedFonts()) doc.registerFont(name, font);
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  const ended = new Promise<Buffer>((done, failed) => {
    doc.on('end', () => done(Buffer.concat(chunks)));
    doc.on('error', failed);
  });
  const root = beginTags(doc);
  draw(doc);
  root.end();
  doc.end();
  return ended;
};
