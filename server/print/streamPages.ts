import type { Writable } from 'node:stream';
import { once } from 'node:events';
import { setImmediate as nextTurn } from 'node:timers/promises';
import type { Page } from '../../core/sheets/index.ts';
import { drawPage } from './drawPage.ts';
import { PRINT_FONTS } from './fonts.ts';

/** What a PDF says about itself. */
export interface DocumentWords {
  readonly title: string;
  /** BCP 47. */
  readonly language: string;
  /** When it was printed first: the same again has the same bytes. */
  readonly at: Date;
}

/**
 * Draws pages into a stream, each as soon as it is laid out, so that the first bytes go out at once; other requests have their turn
 * between pages. Stops where the one who asked has gone.
 */
export const streamPages = async (out: Writable, pages: Iterable<Page>, words: DocumentWords): Promise<void> => {
  const { default: Pdf } = await import('pdfkit');
  const doc = new Pdf({
    autoFirstPage: false,
    pdfVersion: '1.7',
    tagged: true,
    lang: words.language,
    displayTitle: true,
    info: { Title: words.title, Creator: 'Hoppel', Producer: 'Hoppel', CreationDate: words.at },
  });
  for (const [font, file] of Object.entries(PRINT_FONTS)) doc.registerFont(font, file);
  doc.pipe(out);
  for (const page of pages) {
    if (out.destroyed) return;
    drawPage(doc, page);
    doc.flushPages();
    await nextTurn();
    // Who reads slowly is waited for, so that a long job does not pile up.
    if (out.writableNeedDrain) await Promise.race([once(out, 'drain'), once(out, 'close')]);
  }
  doc.end();
};
