import type { Writable } from 'node:stream';
import { once } from 'node:events';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { DEFAULT_CONVENTIONS, type LocaleTag } from '../../core/conventions/index.ts';
import { teacherSentence } from '../../core/reporting/index.ts';
import type { ClockOnPaper, Page } from '../../core/sheets/index.ts';
import { drawPage } from './drawPage.ts';
import { PRINT_FONTS } from './fonts.ts';
import { beginTags } from './tags.ts';

/** What a PDF says about itself. */
export interface DocumentWords {
  readonly title: string;
  readonly language: LocaleTag;
  /** When it was printed first: the same again has the same bytes. */
  readonly at: Date;
}

/** A clock is named, and what it shows is not: that is what is asked. */
const sayClock = (clock: ClockOnPaper, locale: LocaleTag): string =>
  teacherSentence({ key: `teacher.sheets.heard.${clock}`, values: {} }, { ...DEFAULT_CONVENTIONS, locale });

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
  const root = beginTags(doc);
  for (const page of pages) {
    if (out.destroyed) return;
    drawPage(doc, page, (clock) => sayClock(clock, words.language));
    doc.flushPages();
    await nextTurn();
    // Who reads slowly is waited for, so that a long job does not pile up.
    if (out.writableNeedDrain) await Promise.race([once(out, 'drain'), once(out, 'close')]);
  }
  root.end();
  doc.end();
};
